<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** An envelope. $size is its outside. */
final readonly class Envelope implements Good
{
    use Whole;

    private function __construct(public Size $size, public Colour $colour, public ?Liner $liner)
    {
    }

    public static function of(Size $size, Colour $colour, ?Liner $liner = null): self
    {
        return new self($size, $colour, $liner);
    }

    public function kind(): Kind
    {
        return Kind::Envelope;
    }

    /** Whether the card fits without rattling: up to an inch of room in each direction. */
    public function takes(Size $front): bool
    {
        $inch = Length::inches(1);
        $roomiest = Size::of($front->width->plus($inch), $front->height->plus($inch));

        return $front->fitsIn($this->size, true) && $this->size->fitsIn($roomiest, true);
    }

    public static function read(GoodFields $fields): self
    {
        $liner = $fields->has('liner') ? Liner::read($fields->fields->object('liner')) : null;

        return self::of($fields->size(), $fields->fields->colour('colour'), $liner);
    }

    public function write(GoodWriter $as): array
    {
        return [
            'size' => $as->size($this->size),
            'colour' => $this->colour->hex,
            ...($this->liner === null ? [] : ['liner' => $this->liner->write($as)]),
        ];
    }

    public static function inRow(TableRow $row): array
    {
        return ['size' => $row->size(), 'colour' => $row->colour('#ffffff')];
    }

    public static function jotted(Jotting $line): self
    {
        return self::of($line->size ?? $line->front->grown(Length::inches(0, 1, 8)), $line->colour('#ffffff'));
    }

    public function extent(): Size
    {
        return $this->size;
    }

    public function colours(): array
    {
        return [$this->colour];
    }

    public static function group(): KindGroup
    {
        return KindGroup::Bases;
    }
}
