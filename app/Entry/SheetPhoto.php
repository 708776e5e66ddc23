<?php

namespace App\Entry;

use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Look\Looks;
use Throwable;

/** A photograph of a sheet of paper, read for its looks and made small. */
final readonly class SheetPhoto
{
    public const MOST_BYTES = 8_000_000;

    private const TYPES = ['image/jpeg', 'image/png', 'image/webp'];

    /** Pixels of the picture as it comes: a larger one would unpack to more than a quarter of a gigabyte. */
    private const MOST_PIXELS = 50_000_000;

    private const KEPT_SIDE = 480;

    private const READ_SIDE = 96;

    private function __construct(public Looks $looks, public string $jpeg)
    {
    }

    /** @throws BadKit saying why it is no picture of a sheet */
    public static function read(string $path): self
    {
        // The kind and the size are looked up in the head of the file, before any of it is unpacked.
        $info = @getimagesize($path);
        if ($info === false || ! in_array($info['mime'], self::TYPES, true)) {
            throw BadKit::at('', 'This is not a JPEG, PNG or WebP picture.');
        }
        if ($info[0] * $info[1] > self::MOST_PIXELS || min($info[0], $info[1]) < 16) {
            throw BadKit::at(
                '',
                sprintf(
                    'The picture is %d × %d pixels. Use one from 16 pixels a side to 50 million in all.',
                    $info[0],
                    $info[1],
                ),
            );
        }
        // The library fills what is missing of a JPEG that breaks off with grey; its end mark tells.
        if ($info['mime'] === 'image/jpeg' && ! str_contains((string) file_get_contents($path), "\xFF\xD9")) {
            throw BadKit::at('', 'The picture is damaged: it breaks off before its end.');
        }
        try {
            $image = (new ImageManager(new Driver))->read($path)->scaleDown(self::KEPT_SIDE, self::KEPT_SIDE);
            $jpeg = $image->toJpeg(82)->toString();

            return new self(Looks::of(self::pixels($image->scaleDown(self::READ_SIDE, self::READ_SIDE))), $jpeg);
        } catch (Throwable) {
            throw BadKit::at('', 'The picture is damaged and cannot be read.');
        }
    }

    /** @return non-empty-list<non-empty-list<array{int, int, int}>> */
    private static function pixels(ImageInterface $image): array
    {
        /** @var \GdImage $gd */
        $gd = $image->core()->native();
        $rows = [];
        for ($y = 0; $y < max(1, $image->height()); $y++) {
            $row = [];
            for ($x = 0; $x < max(1, $image->width()); $x++) {
                $rgb = imagecolorat($gd, $x, $y);
                $row[] = [$rgb >> 16 & 255, $rgb >> 8 & 255, $rgb & 255];
            }
            $rows[] = $row;
        }

        return $rows;
    }
}
