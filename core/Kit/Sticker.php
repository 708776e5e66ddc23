<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Length;

/** A sticker: flat, puffy or stiff. Its thickness adds to the height of the card. */
final readonly class Sticker implements Applied
{
    private function __construct(private Printed $printed, public StickerStuff $stuff, public Length $thickness)
    {
    }

    public static function of(Printed $printed, StickerStuff $stuff, ?Length $thickness = null): self
    {
        return new self($printed, $stuff, $thickness ?? Length::zero());
    }

    public function kind(): Kind
    {
        return Kind::Sticker;
    }

    public function printed(): Printed
    {
        return $this->printed;
    }
}
