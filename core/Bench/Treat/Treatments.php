<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Treat;

use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\ToolKind;

/** Every treatment, in the order in which they are done to a piece. A new one is an entry here. */
final class Treatments
{
    public const EMBOSS = 'emboss';

    public const STENCIL = 'stencil';

    public const STAMP = 'background';

    public const HEAT = 'heat-emboss';

    public const COLOUR = 'colour';

    public const EDGE = 'edge';

    public const CORNERS = 'corners';

    public const HOLE = 'hole';

    public const TWINE = 'twine';

    /** @return array<string, Treatment> by key */
    public static function all(): array
    {
        /** @var array<string, Treatment> $all */
        static $all = [];
        if ($all === []) {
            $all = array_column(self::listed(), null, 'key');
        }

        return $all;
    }

    /** What is said once it is done: "embossed". */
    public static function done(string $key): string
    {
        return self::all()[$key]->done ?? $key;
    }

    /** @return list<Treatment> */
    private static function listed(): array
    {
        return [
            Treatment::of(
                self::CORNERS,
                'Round its corners',
                'corners rounded',
                Phase::Shaped,
                [],
                'Round {option} of {part}.',
                20,
                options: ['four corners', 'two corners', 'one corner'],
            ),
            Treatment::of(self::HOLE, 'Punch a hole', 'punched', Phase::Shaped, [], 'Punch the hole in {part} for the ribbon.', 20),
            Treatment::of(
                self::EMBOSS,
                'Emboss',
                'embossed',
                Phase::Textured,
                [ToolKind::Folder],
                'Emboss {part} in {tool}.',
                45,
                cautions: [Cautions::MACHINE],
            ),
            Treatment::of(
                self::STENCIL,
                'Ink through a stencil',
                'stencilled',
                Phase::Textured,
                [ToolKind::Stencil],
                'Blend ink through {tool} on {part}, from the edge inwards, and let it dry.',
                150,
                180,
                [Cautions::INK],
            ),
            Treatment::of(
                self::STAMP,
                'Stamp the background',
                'stamped all over',
                Phase::Stamped,
                [Kind::Stamp],
                'Stamp {part} all over with {tool}: only what will show. Let the ink dry.',
                120,
                180,
                [Cautions::INK],
            ),
            Treatment::of(
                self::HEAT,
                'Heat-emboss',
                'heat-embossed',
                Phase::Heated,
                [ToolKind::Powder],
                'Cover the wet ink on {part} with {tool}, shake it off, and melt it with the heat tool.',
                150,
                60,
                [Cautions::HEAT],
            ),
            Treatment::of(
                self::COLOUR,
                'Colour it in',
                'coloured',
                Phase::Coloured,
                [],
                'Colour {part} in; light colours first.',
                600,
                60,
                [Cautions::INK],
            ),
            Treatment::of(
                self::EDGE,
                'Ink its edges',
                'edges inked',
                Phase::Edged,
                [ToolKind::Ink],
                'Drag {tool} along the edges of {part}.',
                45,
                60,
                [Cautions::INK],
            ),
            Treatment::of(
                'back',
                'Back it with cardstock',
                'backed',
                Phase::Backed,
                [],
                'Glue {part} on cardstock of its size: it is thin.',
                45,
            ),
            Treatment::of(
                self::TWINE,
                'Wrap it with twine',
                'wrapped with twine',
                Phase::Tied,
                [Kind::Ribbon],
                'Wrap {tool} round {part}, and knot it.',
                90,
            ),
        ];
    }
}
