<?php

namespace App\Drawing;

use App\Models\Component as Record;
use App\Models\Photo;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\CutLine;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\SheetGood;

/**
 * Marks as SVG, with the prints that fill them.
 *
 * @phpstan-import-type DrawnMark from Mark
 * @phpstan-import-type ThingMark from Mark
 */
final class Svg
{
    /** The typeface of words and of the labels of a print. */
    public const FONT = "Commissioner, 'Commissioner Variable', 'DejaVu Sans', sans-serif";

    /** @var array<string, string> patterns by id */
    private array $patterns = [];

    /** @param  array<string, Component>  $components  by id */
    private function __construct(private readonly array $components)
    {
    }

    /**
     * @param  list<DrawnMark>  $marks
     * @param  array<string, Component>  $components  by id
     */
    public static function of(array $marks, array $components): string
    {
        $svg = new self($components);
        $drawn = array_map($svg->mark(...), $marks);

        return '<defs>'.implode('', $svg->patterns)."</defs>\n".implode("\n", $drawn);
    }

    /**
     * A whole drawing.
     *
     * @param  float  $width  of what is drawn, in millimetres
     * @param  float  $scale  how large it is shown: 1 in its real size
     */
    public static function document(float $width, float $height, string $inside, float $scale = 1.0): string
    {
        [$w, $h] = [self::number($width), self::number($height)];
        $size = sprintf('width="%smm" height="%smm"', self::number($width * $scale), self::number($height * $scale));

        return <<<SVG
            <?xml version="1.0" encoding="UTF-8"?>
            <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" $size viewBox="0 0 $w $h" overflow="visible">
            $inside
            </svg>
            SVG;
    }

    /** A whole drawing on its side: what was on the left is at the top. */
    public static function onItsSide(string $document): string
    {
        $head = '/<svg([^>]*) width="([^"]*)" height="([^"]*)" viewBox="0 0 (\S+) (\S+)"([^>]*)>/';
        $lying = '<svg$1 width="$3" height="$2" viewBox="0 0 $5 $4"$6><g transform="translate($5 0) rotate(90)">';

        return str_replace('</svg>', '</g></svg>', (string) preg_replace($head, $lying, $document, 1));
    }

    /**
     * The same within a page, with a text alternative. It has its own size, or a given width.
     *
     * @param  float|null  $wide  millimetres
     */
    public static function inline(string $document, string $shows, ?float $wide = null): string
    {
        $svg = substr($document, (int) strpos($document, '<svg'));
        if ($wide !== null) {
            $svg = (string) preg_replace('/ width="[^"]*" height="[^"]*"/', sprintf(' width="%smm"', self::number($wide)), $svg, 1);
        }

        return '<svg role="img" aria-label="'.htmlspecialchars($shows).'"'.substr($svg, strlen('<svg'));
    }

    public static function text(string $text, float $x, float $y, float $letter, string $colour, string $anchor = 'start'): string
    {
        return sprintf(
            '<text x="%s" y="%s" font-family="%s" font-size="%s" fill="%s" text-anchor="%s">%s</text>',
            self::number($x),
            // The middle of small letters, since not every reader supports the middle of a line.
            self::number($y + 0.36 * $letter),
            self::FONT,
            self::number($letter),
            $colour,
            $anchor,
            htmlspecialchars($text, ENT_XML1),
        );
    }

    /** @param  array<string, string|float>  $with */
    public static function path(string $d, array $with): string
    {
        $attributes = '';
        foreach (array_filter($with, static fn (string|float $value): bool => $value !== '') as $name => $value) {
            $attributes .= " $name=\"".(is_float($value) ? self::number($value) : $value).'"';
        }

        return "<path d=\"$d\"$attributes/>";
    }

    public static function number(float $number): string
    {
        return rtrim(rtrim(sprintf('%.3F', $number), '0'), '.');
    }

    /** @param  DrawnMark  $mark */
    private function mark(array $mark): string
    {
        return match ($mark['kind']) {
            'surface' => self::moved($mark['x'], $mark['y'], self::path($mark['d'], [
                'fill' => $this->surface($mark['component'], $mark['face']),
                'fill-rule' => 'evenodd',
                'stroke' => Ink::EDGE,
                'stroke-width' => Mark::EDGE,
            ])),
            'thing' => $this->clipped($mark['clip'], self::moved($mark['x'], $mark['y'], self::turned($mark, $this->thing($mark)))),
            'words' => self::text($mark['text'], $mark['x'], $mark['y'], $mark['letter'], $mark['fill'], 'middle'),
            'path' => self::path($mark['d'], [
                'fill' => $mark['fill'],
                'stroke-linecap' => 'round',
                'stroke' => $mark['stroke'],
                'stroke-width' => $mark['line'],
                'stroke-dasharray' => $mark['dash'],
            ]),
        };
    }

    private static function moved(float $x, float $y, string $inside): string
    {
        return sprintf('<g transform="translate(%s %s)">%s</g>', self::number($x), self::number($y), $inside);
    }

    /** What was trimmed off is not drawn. */
    private function clipped(string $clip, string $inside): string
    {
        if ($clip === '') {
            return $inside;
        }
        $id = 'trim-'.substr(md5($clip), 0, 8);
        $this->patterns[$id] = "<clipPath id=\"$id\"><path d=\"$clip\"/></clipPath>";

        return "<g clip-path=\"url(#$id)\">$inside</g>";
    }

    /** @param  ThingMark  $mark */
    private static function turned(array $mark, string $inside): string
    {
        if ($mark['turn'] === 0) {
            return $inside;
        }
        [$x, $y] = [self::number($mark['width'] / 2), self::number($mark['height'] / 2)];

        return "<g transform=\"rotate({$mark['turn']} $x $y)\">$inside</g>";
    }

    /** @param  ThingMark  $mark */
    private function thing(array $mark): string
    {
        $good = $this->components[$mark['component']]->good;
        if (! $good instanceof Applied) {
            return '';
        }
        if ($good->printed()->outline !== null) {
            return $this->cutOut($mark, $good->printed()->outline, $good->printed()->colours[0]);
        }
        $picture = ThingDrawing::of($good->printed(), $this->components[$mark['component']]->name);
        $paths = array_map(static fn (array $path): string => self::path($path['d'], [
            'fill' => $path['fill'],
            'fill-rule' => 'evenodd',
            'stroke' => $path['stroke'],
            'stroke-width' => $path['line'],
        ]), $picture['paths']);
        [$wide, $high] = [$mark['width'] / Shapes::BOX, $mark['height'] / Shapes::BOX];
        $letter = $picture['letter'] * $mark['height'];

        return sprintf('<g transform="scale(%s %s)">%s</g>', self::number($wide), self::number($high), implode('', $paths))
            .self::text($picture['text'], $mark['width'] / 2, $mark['height'] / 2, $letter, $picture['ink'], 'middle');
    }

    /**
     * A piece with an outline of its own, with its photograph if it has one.
     *
     * @param  ThingMark  $mark
     */
    private function cutOut(array $mark, CutLine $outline, Colour $colour): string
    {
        $photo = self::photo($mark['component'], 0);
        [$w, $h] = [self::number($mark['width']), self::number($mark['height'])];
        $scale = sprintf('scale(%s %s)', self::number($mark['width'] / CutLine::BOX), self::number($mark['height'] / CutLine::BOX));
        if ($photo === null) {
            $path = self::path($outline->path(), ['fill' => $colour->hex, 'fill-rule' => 'evenodd']);

            return "<g transform=\"$scale\">$path</g>";
        }
        $id = 'cut-'.substr(md5($outline->path()."$w $h"), 0, 12);
        $path = self::path($outline->path(), ['transform' => $scale, 'clip-rule' => 'evenodd']);
        $this->patterns[$id] = "<clipPath id=\"$id\">$path</clipPath>";

        return "<image width=\"$w\" height=\"$h\" preserveAspectRatio=\"none\" clip-path=\"url(#$id)\" xlink:href=\"$photo\"/>";
    }

    /** The photograph of a face or a piece within a drawing. Drawings without a kit have none. */
    private static function photo(string $component, int $face): ?string
    {
        if (Record::idOfCore($component) < 1) {
            return null;
        }
        $jpeg = Photo::query()->where('component_id', Record::idOfCore($component))->where('face', $face)->value('jpeg');

        return is_string($jpeg) ? "data:image/jpeg;base64,$jpeg" : null;
    }

    /** The fill for a face. Its pattern is drawn once. */
    private function surface(string $component, int $face): string
    {
        $good = $this->components[$component]->good;
        if (! $good instanceof SheetGood) {
            return Ink::UNKNOWN;
        }
        $at = isset($good->faces()[$face]) ? $face : 0;
        $id = "surface-$component-$at";
        $this->patterns[$id] ??= $this->pattern($id, $component, $at, $good->faces()[$at], $good);

        return "url(#$id)";
    }

    private function pattern(string $id, string $component, int $at, Face $face, SheetGood $good): string
    {
        $photo = self::photo($component, $at);
        $tile = Motifs::of($face->motif);
        $isPhoto = $photo !== null && $good->extent() !== null;
        [$width, $height] = $isPhoto
            ? [Mark::mm($good->extent()->width->units), Mark::mm($good->extent()->height->units)]
            : [(float) $tile['width'], (float) $tile['height']];
        [$w, $h] = [self::number($width), self::number($height)];
        $inside = $isPhoto
            ? "<image width=\"$w\" height=\"$h\" preserveAspectRatio=\"xMidYMid slice\" xlink:href=\"$photo\"/>"
            : implode('', array_map(static fn (array $path): string => self::painted($path, $face->colours), $tile['shapes']));

        return "<pattern id=\"$id\" width=\"$w\" height=\"$h\" patternUnits=\"userSpaceOnUse\">"
            ."<rect width=\"$w\" height=\"$h\" fill=\"{$face->ground()->hex}\"/>$inside</pattern>";
    }

    /**
     * @param  array{d: string, colour: int, width?: float|int, opacity?: float|int}  $path
     * @param  non-empty-list<Colour>  $colours
     */
    private static function painted(array $path, array $colours): string
    {
        $colour = match (true) {
            $path['colour'] < 0 => Ink::LIGHT,
            default => ($colours[$path['colour']] ?? $colours[count($colours) - 1])->hex,
        };
        $line = (float) ($path['width'] ?? 0);

        return self::path($path['d'], [
            'fill' => $line > 0 ? Mark::NONE : $colour,
            'stroke' => $line > 0 ? $colour : '',
            'stroke-width' => $line > 0 ? $line : '',
            'opacity' => (float) ($path['opacity'] ?? 1),
        ]);
    }
}
