<?php

namespace App\Files;

use App\Drawing\GdPixels;
use GdImage;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Look\Pixels;
use Throwable;

/**
 * A picture from outside. It is checked before it is unpacked, turned the right way, and stored without place and time.
 */
final readonly class PictureFile
{
    private const TYPES = ['image/jpeg', 'image/png', 'image/webp'];

    /** The most pixels of an incoming picture. A larger one would unpack to more than a quarter of a gigabyte. */
    private const MOST_PIXELS = 50_000_000;

    private function __construct(private ImageInterface $image)
    {
    }

    /** @throws BadKit saying why it is no picture that can be read */
    public static function open(string $path): self
    {
        self::check($path);
        try {
            return new self((new ImageManager(new Driver))->read($path));
        } catch (Throwable) {
            throw BadKit::at('', 'The picture is damaged and cannot be read.');
        }
    }

    /**
     * By its header alone.
     *
     * @throws BadKit
     */
    public static function check(string $path): void
    {
        $info = @getimagesize($path);
        if ($info === false || ! in_array($info['mime'], self::TYPES, true)) {
            throw BadKit::at('', 'This is not a JPEG, PNG or WebP picture.');
        }
        if ($info[0] * $info[1] > self::MOST_PIXELS || min($info[0], $info[1]) < 16) {
            throw BadKit::at(
                '',
                sprintf('The picture is %d × %d pixels. Use one from 16 pixels a side to 50 million in all.', $info[0], $info[1]),
            );
        }
        // The library fills the missing part of a truncated JPEG with grey. The end mark shows whether it is complete.
        if ($info['mime'] === 'image/jpeg' && ! str_contains((string) file_get_contents($path), "\xFF\xD9")) {
            throw BadKit::at('', 'The picture is damaged: it breaks off before its end.');
        }
    }

    /** Scaled down so that no side is longer. The larger one is freed, since there is not enough memory for both. */
    public function within(int $side): self
    {
        return new self($this->image->scaleDown($side, $side));
    }

    public function width(): int
    {
        return $this->image->width();
    }

    public function height(): int
    {
        return $this->image->height();
    }

    public function jpeg(): string
    {
        return $this->image->toJpeg(85)->toString();
    }

    public function picture(): Pixels
    {
        return $this->part(0, 0, $this->width(), $this->height());
    }

    /** A part of it. What would be outside is left out. */
    public function part(int $left, int $top, int $width, int $height): Pixels
    {
        [$left, $top] = [max(0, min($left, $this->width() - 2)), max(0, min($top, $this->height() - 2))];
        [$width, $height] = [max(2, min($width, $this->width() - $left)), max(2, min($height, $this->height() - $top))];
        /** @var GdImage $gd */
        $gd = $this->image->core()->native();

        return GdPixels::part($gd, $left, $top, $width, $height);
    }

    /** @return non-empty-list<non-empty-list<array{int, int, int}>> rows of red, green, blue */
    public function rows(): array
    {
        return $this->picture()->rows();
    }

    /** @param  non-empty-list<non-empty-list<array{int, int, int}>>  $rows */
    public static function jpegOf(array $rows, int $quality = 88): string
    {
        $image = imagecreatetruecolor(count($rows[0]), count($rows)) ?: throw BadKit::at('', 'There is not enough memory for the picture.');
        foreach ($rows as $y => $row) {
            foreach ($row as $x => [$r, $g, $b]) {
                imagesetpixel($image, $x, $y, $r << 16 | $g << 8 | $b);
            }
        }
        ob_start();
        imagejpeg($image, null, $quality);

        return (string) ob_get_clean();
    }
}
