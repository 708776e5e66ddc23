<?php

declare(strict_types=1);

namespace KeepShare\Core\Colour;

/** A colour of paper or card, as sRGB. */
final readonly class Colour
{
    /** A colour whose channels differ by less than this, of 255, has no visible hue. */
    private const GREYISH = 24;

    /** How many pairs are kept in memory: more than two kits have. */
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

    /** Channels from 0 to 255. */
    public static function ofRgb(int $red, int $green, int $blue): self
    {
        return new self(sprintf('#%02x%02x%02x', $red, $green, $blue));
    }

    /** The nearest sRGB colour. Values outside are clipped. */
    public static function fromLab(Lab $lab): self
    {
        $y = ($lab->lightness + 16) / 116;
        $square = static fn (float $t): float => $t ** 3 > 216 / 24389 ? $t ** 3 : (116 * $t - 16) * 27 / 24389;
        [$x, $y, $z] = [0.95047 * $square($lab->a / 500 + $y), $square($y), 1.08883 * $square($y - $lab->b / 200)];

        return self::ofRgb(
            self::channel(3.2404542 * $x - 1.5371385 * $y - 0.4985314 * $z),
            self::channel(-0.9692660 * $x + 1.8760108 * $y + 0.0415560 * $z),
            self::channel(0.0556434 * $x - 0.2040259 * $y + 1.0572252 * $z),
        );
    }

    /** @param  int<0, 100>  $percent  of the other */
    public function mixedWith(self $other, int $percent): self
    {
        $channels = static fn (self $one): array => array_map(hexdec(...), str_split(substr($one->hex, 1), 2));
        $mixed = array_map(
            static fn (int|float $own, int|float $added): int => (int) round(($own * (100 - $percent) + $added * $percent) / 100),
            $channels($this),
            $channels($other),
        );

        return self::ofRgb($mixed[0], $mixed[1], $mixed[2]);
    }

    public function lab(): Lab
    {
        return $this->toLab();
    }

    /** How different two colours look: 1 is just visible, above 20 is plainly another colour. */
    public function differenceFrom(self $other): float
    {
        /** @var array<string, float> $known */
        static $known = [];
        if (count($known) > self::REMEMBERED) {
            $known = [];
        }

        return $known[$this->hex.$other->hex] ??= Ciede2000::between($this->lab(), $other->lab());
    }

    /** Whether dark ink is visible on it, by CIELAB. */
    /**
     * Its hue in whole degrees, from red over green to blue. Null for white, black, grey and colours that are nearly
     * so.
     */
    public function hue(): ?int
    {
        [$red, $green, $blue] = array_map(hexdec(...), str_split(substr($this->hex, 1), 2));
        $most = max($red, $green, $blue);
        $chroma = $most - min($red, $green, $blue);
        if ($chroma < self::GREYISH) {
            return null;
        }
        $at = match ($most) {
            $red => ($green - $blue) / $chroma,
            $green => 2 + ($blue - $red) / $chroma,
            default => 4 + ($red - $green) / $chroma,
        };

        return ((int) round(60 * $at) + 360) % 360;
    }

    public function isLight(): bool
    {
        return $this->lab()->lightness > 60;
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

    private static function channel(float $linear): int
    {
        $value = $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055;

        return (int) round(255 * max(0.0, min(1.0, $value)));
    }

    private static function root(float $t): float
    {
        return $t > 216 / 24389 ? $t ** (1 / 3) : (24389 / 27 * $t + 16) / 116;
    }
}
