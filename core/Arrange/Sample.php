<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Sketches;

/** An arrangement with pieces of usual sizes on a plain panel, to show it before there is a card. */
final class Sample
{
    /** Width and height of each sample piece, in hundredths of the shorter side of the front, and its shape. */
    private const SIZES = [
        'picture' => [32, 38, Shape::Lantern],
        'small picture' => [26, 24, Shape::Circle],
        'backing' => [44, 50, Shape::Label],
        'frame' => [50, 54, Shape::Frame],
        'tag' => [34, 60, Shape::Tag],
        'border' => [100, 16, Shape::Label],
        'banner' => [18, 52, Shape::Banner],
        'words' => [50, 11, Shape::Label],
        'more words' => [42, 10, Shape::Label],
        'twine' => [100, 2, Shape::Label],
        'twin' => [26, 24, Shape::Circle],
        'sky' => [26, 20, Shape::Gull],
        'letter' => [11, 16, Shape::Label],
    ];

    /** @throws CannotResolve where the front is too small for anything */
    public static function of(Arrangement $arrangement, Size $front, Unit $unit): Group
    {
        $sketch = Sketches::all()[$arrangement->needs('seam') ? 'seam-strip' : 'panel-on-mat'];
        $side = $front->shorter()->units;
        $stands = [];
        foreach ($arrangement->spots as $spot) {
            [$does] = Pieces::all()[$spot->id];
            [$width, $height, $shape] = self::SIZES[$does->value];
            $size = Size::ofUnits(intdiv($width * $side, 100), intdiv($height * $side, 100));
            $stands[$spot->id] = GroupPiece::of($spot->id, $does, '', Pieces::all()[$spot->id][1], $size, $shape);
        }

        return Group::of($arrangement, $sketch->resolve($front, $unit), $stands, $unit, true, 3);
    }
}
