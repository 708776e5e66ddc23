<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** The print inside an envelope, usable as paper. It starts a little in from the edge. */
final readonly class Liner
{
    private function __construct(public Face $face, public Length $margin)
    {
    }

    public static function of(Face $face, Length $margin): self
    {
        return new self($face, $margin);
    }

    /** The printed panel that an envelope of this size gives. Null if the margin leaves nothing. */
    public function panelOf(Size $envelope): ?Size
    {
        $twice = $this->margin->times(2);

        return $envelope->shorter()->isLongerThan($twice)
            ? Size::of($envelope->width->minus($twice), $envelope->height->minus($twice))
            : null;
    }

    /** @throws BadKit */
    public static function read(Fields $liner): self
    {
        $read = self::of(GoodFields::face($liner->object('face')), $liner->length('margin'));
        $liner->nothingElse();

        return $read;
    }

    /** @return array<string, mixed> */
    public function write(GoodWriter $as): array
    {
        return ['face' => $as::face($this->face), 'margin' => $as->length($this->margin)];
    }
}
