<?php

namespace App\Photographs;

use App\Files\PictureFile;
use App\Files\SheetPhoto;
use KeepShare\Core\Look\Lit;
use KeepShare\Core\Look\Looks;
use KeepShare\Core\Look\Straight;

/**
 * A face of a paper, straightened by the corners of its sheet, with its looks.
 *
 * @phpstan-type SeenLooks array{colours: non-empty-list<string>, busyness: int, busy: bool}
 */
final readonly class SeenFace
{
    private function __construct(public string $jpeg, private Looks $looks)
    {
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @param  array<string, mixed>  $asked  with the size of the sheet
     */
    public static function of(Lit $lit, array $corners, array $asked): self
    {
        /** @var array{int, int} $size */
        $size = $asked['size'];
        [$width, $height] = self::within(SheetPhoto::KEPT_SIDE, $size);
        [$small, $low] = self::within(SheetPhoto::READ_SIDE, $size);
        $jpeg = PictureFile::jpegOf(Straight::sheet($lit, $corners, $width, $height));

        return new self($jpeg, Looks::of(Straight::sheet($lit, $corners, $small, $low)));
    }

    /** @return SeenLooks */
    public function looks(): array
    {
        $colours = array_map(static fn (array $share): string => $share['colour']->hex, $this->looks->colours);

        return [
            'colours' => $colours === [] ? ['#808080'] : $colours,
            'busyness' => $this->looks->busyness,
            'busy' => $this->looks->isBusy(),
        ];
    }

    /**
     * @param  array{int, int}  $size
     * @return array{int, int}
     */
    private static function within(int $side, array $size): array
    {
        $long = max($size);

        return [max(8, (int) round($side * $size[0] / $long)), max(8, (int) round($side * $size[1] / $long))];
    }
}
