<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;

/**
 * A picture in three or four stacked layers, counted in sets. Using two of four layers makes two pictures from one set.
 */
final readonly class LayeredPicture implements Applied
{
    use Whole;

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

    public function as(Printed $printed): self
    {
        return self::of($printed, $this->layers);
    }

    public static function read(GoodFields $fields): self
    {
        return self::of($fields->printed(), max(2, $fields->fields->count('layers', 12, 4)));
    }

    public function write(GoodWriter $as): array
    {
        return [...$as->printed($this->printed), 'layers' => $this->layers];
    }

    public static function inRow(TableRow $row): array
    {
        return $row->printed();
    }

    public static function jotted(Jotting $line): self
    {
        return self::of($line->printed(), 4);
    }

    public function extent(): Size
    {
        return $this->printed->size;
    }

    public function colours(): array
    {
        return $this->printed->colours;
    }

    public static function group(): KindGroup
    {
        return KindGroup::Cuts;
    }
}
