<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** Patterned paper with two printed faces. A glued piece shows one. */
final readonly class Paper implements PrintedPaper
{
    use Whole;

    private function __construct(private Size $size, private Face $front, private Face $back, public bool $heavy)
    {
    }

    /** @param  bool  $heavy stiff enough to need no cardstock behind it */
    public static function of(Size $size, Face $front, Face $back, bool $heavy = false): self
    {
        return new self($size, $front, $back, $heavy);
    }

    public function kind(): Kind
    {
        return Kind::Paper;
    }

    public function size(): Size
    {
        return $this->size;
    }

    public function faces(): array
    {
        return [$this->front, $this->back];
    }

    public static function read(GoodFields $fields): self
    {
        [$front, $back] = $fields->faces();

        return self::of($fields->size(), $front, $back, $fields->fields->flag('heavy'));
    }

    public function write(GoodWriter $as): array
    {
        return ['size' => $as->size($this->size), 'faces' => array_map($as::face(...), $this->faces()), 'heavy' => $this->heavy];
    }

    public static function inRow(TableRow $row): array
    {
        return ['size' => $row->size(), 'faces' => $row->faces()];
    }

    public static function jotted(Jotting $line): self
    {
        $size = $line->unit === Unit::Inch ? $line->sizeOr('6', '6', Unit::Inch) : $line->sizeOr('150', '150', Unit::Millimetre);
        [$front, $back] = $line->faces();

        return self::of($size, $front, $back, $line->weight === Weight::Heavy);
    }

    /** Pads have one, two or three of each, so the line must say. */
    public static function usualCount(): ?int
    {
        return null;
    }

    public function extent(): Size
    {
        return $this->size;
    }

    public static function group(): KindGroup
    {
        return KindGroup::Papers;
    }
}
