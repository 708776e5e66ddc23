<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** A picture in three or four stacked layers, counted in sets. Using two of four layers makes two pictures of one set. */
final readonly class LayeredPicture implements Applied
{
    private function __construct(private Printed $printed, public int $layers)
    {
    }

    public static function of(Printed $printed, int $layers): self
    {
        return new self($printed, $layers);
    }

    public function kind(): Kind
    {
        return Kind::LayeredPicture;
    }

    public function printed(): Printed
    {
        return $this->printed;
    }
}
