<?php

declare(strict_types=1);

namespace KeepShare\Core\Colour;

/** A colour of paper or card, as sRGB. */
final readonly class Colour
{
    /** Pairs kept in memory: more than two kits have. */
    private const REMEMBERED = 20_000;

    private function __construct(public string $hex)
    {
    }

    /** @throws BadColour unless $text is six hexadecimal digits, with or without # */
    public static function fromHex(string $text): self
    {
        if (preg_match('/^#?([0-9a-f]{6})$/i', trim($text), $found) !== 1) {
            throw BadColour::unreadable($text);
        }

        return new self('#'.strtolower($found[1]));
    }

    public function lab(): Lab
    {
        return $this->toLab();
    }

    /** How far apart two colours look: 1 is just seen, above 20 is plainly another colour. */
    public function differenceFrom(self $other): float
    {
        /** @var array<string, float> $known */
        static $known = [];
        if (count($known) > self::REMEMBERED) {
            $known = [];
        }

        return $known[$this->hex.$other->hex] ??= Ciede2000::between($this->lab(), $other->lab());
    }

    /** sRGB to CIELAB under D65, by IEC 61966-2-1 and CIE 15. */
    private function toLab(): Lab
    {
        [$r, $g, $b] = array_map(self::linear(...), str_split(substr($this->hex, 1), 2));
        $x = (0.4124564 * $r + 0.3575761 * $g + 0.1804375 * $b) / 0.95047;
        $y = 0.2126729 * $r + 0.7151522 * $g + 0.0721750 * $b;
        $z = (0.0193339 * $r + 0.1191920 * $g + 0.9503041 * $b) / 1.08883;

        return new Lab(116 * self::root($y) - 16, 500 * (self::root($x) - self::root($y)), 200 * (self::root($y) - self::root($z)));
    }

    private static function linear(string $pair): float
    {
        $value = hexdec($pair) / 255;

        return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
    }

    private static function root(float $t): float
    {
        return $t > 216 / 24389 ? $t ** (1 / 3) : (24389 / 27 * $t + 16) / 116;
    }
}
