<?php

namespace App\Pages;

use App\Models\Kit;
use App\Wording\Wording;
use KeepShare\Core\Cut\Cut;
use KeepShare\Core\Fold\BaseYield;
use KeepShare\Core\Fold\CannotFold;
use KeepShare\Core\Fold\Construction;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Fold\StandardEnvelope;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** A fold on a front: its blank with the scores, its parts, the order of gluing, and how many come out of a sheet. */
final class FoldsPage
{
    /** @return array<string, mixed> */
    public static function of(Kit $kit, FoldKind $fold, FrontChoice $front): array
    {
        return [
            'folds' => array_map(static fn (FoldKind $one): array => ['key' => $one->value, 'label' => $one->label()], FoldKind::cases()),
            'chosen' => ['key' => $fold->value, 'label' => $fold->label()],
            'front' => $front->toArray(),
            ...self::built($fold, $front->size, $kit->unit),
        ];
    }

    /** @return array<string, mixed> */
    private static function built(FoldKind $fold, Size $front, Unit $unit): array
    {
        try {
            $built = $fold->construct($front, $unit);
        } catch (CannotFold $cannot) {
            return ['fault' => $cannot->getMessage(), 'parts' => [], 'steps' => [], 'open' => '', 'envelope' => '', 'sheets' => []];
        }

        return [
            'fault' => null,
            'parts' => array_map(static fn (FoldPart $part): array => self::part($part, $unit), [$built->blank, ...$built->parts]),
            'steps' => $built->steps,
            'open' => $built->open,
            'envelope' => self::envelope($built, $unit),
            'sheets' => self::sheets($built->blank->size, $unit),
        ];
    }

    /** @return array<string, mixed> */
    public static function part(FoldPart $part, Unit $unit): array
    {
        return [
            'id' => $part->id,
            'name' => $part->name,
            'label' => $part->size->format($unit),
            ...GoodView::size($part->size),
            'from' => $part->stuff->value,
            'note' => $part->note,
            'scores' => array_map(static fn (Length $at): array => ['at' => $at->units, 'label' => $at->format($unit)], $part->scores),
            'isScoredAcross' => $part->isScoredAcross,
        ];
    }

    public static function envelope(Construction $built, Unit $unit): string
    {
        $thick = 'About '.ltrim($built->thickness->label(Unit::Millimetre), '≈ ').' thick when closed, before what the sketch adds. ';
        $fits = StandardEnvelope::for($built->closed, $built->thickness);

        $thick .= $built->thickness->isLongerThan(Length::millimetres(5)) ? 'Does your letter post take it? Ask locally. ' : '';

        return $thick.($fits === null
            ? 'No common envelope takes it: make one, or use a box.'
            : 'Fits '.Wording::one("$fits->value envelope").", {$fits->size()->label($unit)}.");
    }

    /** @return list<array<string, mixed>> */
    private static function sheets(Size $blank, Unit $unit): array
    {
        return array_map(static function (string $name, Size $sheet) use ($blank, $unit): array {
            $yield = BaseYield::of($sheet, $blank);

            return ['sheet' => $name, 'count' => $yield->count, 'cuts' => self::cuts($yield, $unit)];
        }, array_keys(self::stock()), self::stock());
    }

    /** @return list<string> */
    public static function cuts(BaseYield $yield, Unit $unit): array
    {
        return array_map(
            static fn (Cut $cut): string => $cut->at()->format($unit).($cut->direction()->value === 'down' ? ' from the left' : ' from the top'),
            $yield->plan->sheets === [] ? [] : $yield->plan->sheets[0]->cuts(),
        );
    }

    /** @return array<string, Size> the sheets of cardstock that are sold everywhere */
    public static function stock(): array
    {
        return ['8 1/2 × 11 in' => Size::parse('8 1/2', '11', Unit::Inch), '12 × 12 in' => Size::parse('12', '12', Unit::Inch), 'A4, 210 × 297 mm' => Size::parse('210', '297', Unit::Millimetre)];
    }
}
