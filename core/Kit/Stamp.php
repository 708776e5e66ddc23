<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** A stamp: an endless supply of one sentiment, or of one picture if it has no words. $size is that of the print. */
final readonly class Stamp implements Endless
{
    use Whole;

    private function __construct(public Size $size, public ?Words $words)
    {
    }

    public static function of(Size $size, ?Words $words = null): self
    {
        return new self($size, $words);
    }

    /** The label for its print, with 1/8 in or 3 mm all round. */
    public function label(Unit $unit): Size
    {
        return $this->size->grown($unit === Unit::Inch ? Length::inches(0, 1, 8) : Length::millimetres(3));
    }

    public function kind(): Kind
    {
        return Kind::Stamp;
    }

    public static function read(GoodFields $fields): self
    {
        return self::of($fields->size(), $fields->has('words') ? $fields->words() : null);
    }

    public function write(GoodWriter $as): array
    {
        return ['size' => $as->size($this->size), ...($this->words === null ? [] : $as::words($this->words))];
    }

    public static function inRow(TableRow $row): array
    {
        return ['size' => $row->size(), ...$row->words()];
    }

    public static function jotted(Jotting $line): self
    {
        $words = match (true) {
            $line->occasions !== [] => Words::of($line->name, $line->occasions),
            $line->typed !== '' => Words::asTheySay($line->name),
            default => null,
        };

        return self::of($line->sizeOr('2', '3/8', Unit::Inch), $words);
    }

    public function extent(): Size
    {
        return $this->size;
    }

    public static function group(): KindGroup
    {
        return KindGroup::Tools;
    }
}
