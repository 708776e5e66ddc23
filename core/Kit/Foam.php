<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Length;

/** Foam squares that lift a piece. $thickness is the height of one layer. */
final readonly class Foam implements Good
{
    use Whole;

    /** The squares that a card usually takes, under its picture and its words. */
    public const A_CARD = 4;

    private function __construct(public Length $thickness)
    {
    }

    public static function of(Length $thickness): self
    {
        return new self($thickness);
    }

    public function kind(): Kind
    {
        return Kind::Foam;
    }

    public static function read(GoodFields $fields): self
    {
        return self::of($fields->fields->length('thickness'));
    }

    public function write(GoodWriter $as): array
    {
        return ['thickness' => $as->length($this->thickness)];
    }

    public static function inRow(TableRow $row): array
    {
        return ['thickness' => $row->cell('thickness') ?? '2mm'];
    }

    public static function jotted(Jotting $line): self
    {
        return self::of($line->length ?? Length::millimetres(2));
    }

    public static function group(): KindGroup
    {
        return KindGroup::Trimmings;
    }
}
