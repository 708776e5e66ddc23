<?php

namespace App\Designs;

use App\Models\Kit;
use App\View\BlankView;
use App\View\ChoiceView;
use App\View\Page;
use App\Wording\Wording;
use KeepShare\Core\Cut\Cut;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Fold\BaseYield;
use KeepShare\Core\Fold\CannotFold;
use KeepShare\Core\Fold\Construction;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Fold\StandardEnvelope;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * A fold on a front: its blank with the scores, its parts, the order of gluing, and how many a sheet gives.
 *
 * @phpstan-import-type Choice from ChoiceView
 * @phpstan-import-type ChosenFront from FrontChoice
 * @phpstan-import-type BlankPart from BlankView
 *
 * @phpstan-type SheetYield array{sheet: string, count: int, cuts: list<string>}
 */
final readonly class FoldsPage extends Page
{
    /**
     * @param  list<Choice>  $folds
     * @param  Choice  $chosen
     * @param  ChosenFront  $front
     * @param  list<BlankPart>  $parts
     * @param  list<string>  $steps
     * @param  list<SheetYield>  $sheets
     */
    private function __construct(
        public array $folds,
        public array $chosen,
        public array $front,
        public ?string $fault,
        public array $parts,
        public array $steps,
        public string $open,
        public string $envelope,
        public array $sheets,
    ) {
    }

    public static function of(Kit $kit, FoldKind $fold, FrontChoice $front): self
    {
        $folds = ChoiceView::all(FoldKind::cases(), static fn (FoldKind $one): string => $one->label());
        $chosen = ['key' => $fold->value, 'label' => $fold->label()];
        try {
            $built = $fold->construct($front->size, $kit->unit);
        } catch (CannotFold $cannot) {
            return new self($folds, $chosen, $front->toArray(), $cannot->getMessage(), [], [], '', '', []);
        }

        return new self(
            $folds,
            $chosen,
            $front->toArray(),
            null,
            array_map(static fn (FoldPart $part): array => BlankView::of($part, $kit->unit), [$built->blank, ...$built->parts]),
            $built->steps,
            $built->open,
            self::envelope($built, $kit->unit),
            self::sheets($built->blank->size, $kit->unit),
        );
    }

    public static function envelope(Construction $built, Unit $unit): string
    {
        $fits = StandardEnvelope::for($built->closed, $built->thickness);

        return implode(' ', array_filter([
            "About {$built->thickness->about($unit)} thick when closed, before what the sketch adds.",
            $built->thickness->isLongerThan(Length::millimetres(5)) ? 'Does your letter post take it? Ask locally.' : null,
            $fits === null
                ? 'No common envelope takes it: make one, or use a box.'
                : 'Fits '.Wording::one("$fits->value envelope").", {$fits->size()->about($unit)}.",
        ]));
    }

    /** @return list<SheetYield> */
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
        $says = static fn (Cut $cut): string => $cut->at()->format($unit)
            .($cut->direction() === Direction::Down ? ' from the left' : ' from the top');

        return array_map($says, $yield->plan->sheets === [] ? [] : $yield->plan->sheets[0]->cuts());
    }

    /** @return array<string, Size> the sheets of cardstock that are sold everywhere */
    public static function stock(): array
    {
        return [
            '8 1/2 × 11 in' => Size::of(Length::inches(8, 1, 2), Length::inches(11)),
            '12 × 12 in' => Size::of(Length::inches(12), Length::inches(12)),
            'A4, 210 × 297 mm' => Size::of(Length::millimetres(210), Length::millimetres(297)),
        ];
    }
}
