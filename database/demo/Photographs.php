<?php

namespace Database\Demo;

use App\Drawing\Camera;
use App\Drawing\Mark;
use App\Drawing\Raster;
use App\Drawing\Svg;
use GdImage;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use RuntimeException;

/**
 * Photographs made from the project's own drawings, for the demo and for tests: a table of pieces beside a card base,
 * and a pad of papers face by face. No picture from outside ships.
 *
 * @phpstan-import-type DrawnMark from Mark
 */
final class Photographs
{
    private const DENSITY = 7;

    private const MM = 8_000;

    private const WALNUT = 0x8B6F55;

    /** Pieces of the demo's table: what it is, its size, its middle and its angle, in millimetres and degrees. */
    public const PIECES = [
        ['Robin', Shape::Bird, [44, 40], [160, 45], 6, ['#8a5a3c', '#d8582f', '#f3e6cf']],
        ['Teapot', Shape::Teapot, [46, 40], [222, 48], -4, ['#e8b7b0', '#fbf3e4', '#b04a4f']],
        ['Balloon', Shape::Balloon, [26, 40], [272, 45], 0, ['#2f7f8f', '#d9edf0', '#1d4f5a']],
        ['Balloon', Shape::Balloon, [26, 40], [272, 110], 28, ['#2f7f8f', '#d9edf0', '#1d4f5a']],
        ['Butterfly', Shape::Butterfly, [46, 38], [160, 105], -10, ['#d9942e', '#5a3a1c', '#fbe3ac']],
        ['Sun', Shape::Sun, [42, 42], [218, 110], 0, ['#e9b93a', '#f6dd86', '#b37a14']],
        ['many thanks', null, [74, 14], [165, 160], -4, ['#f7f3ea', '#2b4a55']],
        ['happy birthday', null, [74, 14], [165, 190], 3, ['#f7f3ea', '#a3333d']],
        ['Round label', Shape::Circle, [34, 34], [240, 175], 0, ['#3f6b4c', '#e7efe2']],
    ];

    /** The front and back of each paper of the demo's pad. */
    private const PAPERS = [
        [['Orchard rows', Motif::Gingham, ['#f3ead6', '#7d9a5b']], ['Moss', Motif::Dots, ['#5f7a4a', '#e6ecd8']]],
        [['Evening wave', Motif::Wave, ['#274b5f', '#8fb6c4']], ['Plank', Motif::Plank, ['#c9a877', '#8a6a3f']]],
        [['Rose check', Motif::Gingham, ['#fbeeee', '#c96a72']], ['Blush', Motif::Solid, ['#f0cdc9']]],
    ];

    /** @return list<string> the files that were written */
    public function take(string $folder): array
    {
        $files = [$this->save($this->pieces(), "$folder/pieces.jpg")];
        foreach ($this->papers() as $n => $photo) {
            $files[] = $this->save($photo, sprintf('%s/paper-%d-%s.jpg', $folder, intdiv($n, 2) + 1, $n % 2 === 0 ? 'front' : 'back'));
        }

        return $files;
    }

    public function pieces(): GdImage
    {
        $components = [];
        $marks = [];
        foreach (self::PIECES as $n => [$name, $shape, [$wide, $high], [$x, $y], $turn, $colours]) {
            $id = 'c-'.($n + 1);
            $components[$id] = Component::of($id, $name, DieCut::of(self::printed($name, $shape, $wide, $high, $colours)), 1);
            [$left, $top] = [(int) (($x - $wide / 2) * self::MM), (int) (($y - $high / 2) * self::MM)];
            $box = Rect::ofUnits($left, $top, $wide * self::MM, $high * self::MM);
            $marks[] = [...Mark::thing('piece', $id, $box), 'turn' => $turn];
        }
        // A card base of 4 1/4 × 5 1/2 in, slightly turned.
        $base = Svg::path('M14 24L121.87 28.14L116.51 167.74L8.64 163.6Z', ['fill' => '#fdfcf8']);
        $svg = Svg::document(300, 215, $base.Svg::of($marks, $components));

        return $this->photograph($svg, 0.05, 11, 2_000);
    }

    /** @return list<GdImage> front and back in turn */
    public function papers(): array
    {
        $photos = [];
        foreach (array_merge(...self::PAPERS) as $n => [$name, $motif, $colours]) {
            $face = Face::printed($name, $motif, array_map(Colour::fromHex(...), $colours));
            $sheet = Component::of('c0', $name, Paper::of(Size::ofUnits(152 * self::MM, 152 * self::MM), $face, $face), 1);
            $square = 'M0 0H152.4V152.4H0Z';
            $marks = [Mark::surface('piece', $square, 'c0', 0, Rect::ofUnits(66 * self::MM, 28 * self::MM, self::MM, self::MM))];
            $svg = Svg::document(300, 215, Svg::of($marks, ['c0' => $sheet]));
            $photos[] = $this->photograph($svg, 0.03 + 0.01 * $n, 20 + $n);
        }

        return $photos;
    }

    /** @param  int<1, max>  $width */
    private function photograph(string $svg, float $lean, int $seed, int $width = 1_400): GdImage
    {
        $camera = Camera::leaning($width, max(1, intdiv(215 * $width, 300)), $lean, 3.5, $seed);

        return $camera->shoot($camera->lay(Raster::bare($svg, self::DENSITY), self::WALNUT, 5));
    }

    private function save(GdImage $photo, string $file): string
    {
        return imagejpeg($photo, $file, 90) ? $file : throw new RuntimeException("$file could not be written.");
    }

    /** @param  non-empty-list<string>  $colours */
    private static function printed(string $name, ?Shape $shape, int $wide, int $high, array $colours): Printed
    {
        return Printed::of(
            Size::ofUnits($wide * self::MM, $high * self::MM),
            $shape === null ? Serves::Sentiment : Serves::Image,
            $shape ?? Shape::Label,
            array_map(Colour::fromHex(...), $colours),
            $shape === null ? Words::asTheySay($name) : null,
        );
    }
}
