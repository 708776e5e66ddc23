<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Table\Table;

/** What a piece may be cut from. */
enum Source: string
{
    case Paper = 'paper';
    /** Patterned paper on which ink shows. */
    case CalmPaper = 'calm paper';
    /** Cardstock that hides what is under it. */
    case Card = 'cardstock';
    /** Cardstock that takes ink. */
    case Inked = 'cardstock for ink';
    /** Cardstock that is stiff enough to fold. */
    case Heavy = 'heavy cardstock';
    /** The same, on which ink shows. */
    case LightHeavy = 'light heavy cardstock';

    /** Whether everything cut from this would do for the other. */
    public function serves(self $other): bool
    {
        return $this === $other || ($this === self::CalmPaper && $other === self::Paper);
    }

    public function isServedBy(Component $component, Table $table): bool
    {
        $good = $component->good;

        return match ($this) {
            self::Paper => $component->kind()->isPrintedPaper(),
            self::CalmPaper => $component->kind()->isPrintedPaper() && self::showsInk($component, $table),
            self::Card => $good instanceof Cardstock && $good->makesMats(),
            self::Inked => $good instanceof Cardstock && $good->takesInk(),
            self::Heavy => $good instanceof Cardstock && $good->makesBases(),
            self::LightHeavy => $good instanceof Cardstock && $good->makesBases() && $good->showsInk(),
        };
    }

    private static function showsInk(Component $component, Table $table): bool
    {
        return array_filter(self::facesOf($component, $table), static fn (Face $face): bool => $face->showsInk()) !== [];
    }

    /** How many faces of patterned paper cards may show. */
    public static function papersOn(Table $table): int
    {
        $faces = 0;
        foreach ($table->components as $id => $component) {
            $isThere = $table->offers($id) && ($table->stock[$id] ?? []) !== [];
            $faces += $isThere && $component->kind()->isPrintedPaper() ? count(self::facesOf($component, $table)) : 0;
        }

        return $faces;
    }

    /** @return list<Face> those that cards may show */
    public static function facesOf(Component $component, Table $table): array
    {
        $faces = [];
        foreach ($component->good instanceof SheetGood ? $component->good->faces() : [] as $index => $face) {
            if ($table->wishes->allows(Surface::of($component->id, $index, $face, $component->kind()->isPrintedPaper()))) {
                $faces[] = $face;
            }
        }

        return $faces;
    }
}
