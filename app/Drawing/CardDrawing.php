<?php

namespace App\Drawing;

use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Part\BowPart;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Outline;

/**
 * The front of a card as marks, from the base up.
 *
 * @phpstan-import-type DrawnMark from Mark
 * @phpstan-import-type PathMark from Mark
 * @phpstan-import-type SurfaceMark from Mark
 */
final readonly class CardDrawing
{
    /**
     * @param  string  $base  its colour
     * @param  list<DrawnMark>  $marks
     * @param  list<Layer>  $layers  what the marks are of
     * @param  list<string>  $lacks
     */
    private function __construct(
        public Size $size,
        public string $base,
        public array $marks,
        public array $layers,
        public array $lacks,
    ) {
    }

    /** @param  array<string, Component>  $components  by id */
    public static function of(Card $card, array $components, Unit $unit): self
    {
        return self::laid(CardFront::of($card, $components, $unit), $components);
    }

    /**
     * The same for a card whose front has been laid out already.
     *
     * @param  array<string, Component>  $components  by id
     */
    public static function laid(CardFront $front, array $components): self
    {
        $card = $front->card;
        $marks = [];
        foreach ($front->layers as $layer) {
            $marks[] = self::markOf($layer, $components[$layer->component ?? ''] ?? null);
            array_push($marks, ...TreatmentMarks::of($layer, $card->taking($layer->part)->treated ?? []));
        }
        $meet = $card->fold === FoldKind::Gatefold ? [self::meeting($front->size)] : [];
        $base = $components[$card->taking(BasePart::ID)->component ?? ''] ?? null;

        return new self(
            $front->size,
            self::colourOf($base),
            [...array_values(array_filter($marks)), ...$meet],
            $front->layers,
            $front->lacks,
        );
    }

    /** @return DrawnMark|null null for what is not seen */
    public static function markOf(Layer $layer, ?Component $component): ?array
    {
        $good = $component?->good;
        $colour = ($good?->colours()[0] ?? null)->hex ?? Ink::UNKNOWN;

        return match (true) {
            $component === null => Mark::line('missing', self::path($layer), Ink::MISSING, 0.8, '3 2'),
            $layer->part === BowPart::ID => Mark::line('bow', self::bow($layer->rect), $colour, 1.6),
            $layer->part === GroupPart::ID => Mark::filled('gem', self::gem($layer->rect), $colour, Ink::LIGHT, 0.5),
            $layer->part === Pieces::TWINE => Mark::line('twine', self::twine($layer->rect), $colour, 0.9),
            $good instanceof SheetGood => self::piece($layer, $component),
            $good instanceof Applied && $layer->placed !== null => Mark::placed('raised', $layer->placed),
            $good instanceof Applied => Mark::thing('raised', $component->id, $layer->rect),
            $component->showsStampedPicture() => Mark::line('stamped', self::path($layer), Ink::DARK, 0.6),
            $component->words() !== null => Mark::words('stamped', $component->words()->text, $layer->rect, Ink::DARK),
            default => null,
        };
    }

    /** @return SurfaceMark its print begins at its own corner, where it is cut as a rectangle */
    private static function piece(Layer $layer, Component $component): array
    {
        if (! $layer->outline->isRect) {
            return Mark::surface('piece', self::path($layer), $component->id, $layer->face);
        }
        $own = OutlinePath::of(Outline::rect(Rect::whole($layer->rect->size)));

        return Mark::surface('piece', $own, $component->id, $layer->face, $layer->rect);
    }

    private static function path(Layer $layer): string
    {
        return OutlinePath::of($layer->outline);
    }

    /** Two loops and two ends on a ribbon across. */
    private static function bow(Rect $rect): string
    {
        [$x, $width] = [Mark::mm($rect->x->units), Mark::mm($rect->size->width->units)];
        $y = Mark::mm($rect->y->units) + Mark::mm($rect->size->height->units) / 2;
        $knot = $x + 0.2 * $width;

        return sprintf('M%.3F %.3FH%.3F', $x, $y, $x + $width)
            .sprintf('M%.3F %.3Fc-14 -12 -14 12 0 0c14 -12 14 12 0 0l-7 11m7 -11l7 11', $knot, $y);
    }

    /** A line that sags a little. */
    private static function twine(Rect $rect): string
    {
        [$x, $y, $width] = [Mark::mm($rect->x->units), Mark::mm($rect->y->units), Mark::mm($rect->size->width->units)];

        return sprintf('M%.3F %.3Fq%.3F 5 %.3F 0', $x, $y, $width / 2, $width);
    }

    private static function gem(Rect $rect): string
    {
        $radius = Mark::mm($rect->size->width->units) / 2;
        $left = Mark::mm($rect->x->units);
        $middle = Mark::mm($rect->y->units) + Mark::mm($rect->size->height->units) / 2;

        return sprintf('M%.3F %.3F', $left, $middle)
            .sprintf('a%1$.3F %1$.3F 0 1 0 %2$.3F 0a%1$.3F %1$.3F 0 1 0 -%2$.3F 0z', $radius, 2 * $radius);
    }

    /**
     * The line where two flaps meet.
     *
     * @return PathMark
     */
    private static function meeting(Size $front): array
    {
        $d = sprintf('M%.3F 0V%.3F', Mark::mm($front->width->units) / 2, Mark::mm($front->height->units));

        return Mark::line('meet', $d, Ink::DARK, 0.5);
    }

    private static function colourOf(?Component $base): string
    {
        $good = $base?->good;

        return match (true) {
            $good instanceof CardBase => $good->colour->hex,
            $good instanceof Cardstock => $good->front->hex,
            default => Ink::LIGHT,
        };
    }
}
