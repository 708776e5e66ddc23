<?php

namespace App\Cut;

use App\Cutting\CutSheet;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use KeepShare\Core\Cut\CutPlan as CorePlan;
use KeepShare\Core\Cut\File\CutPlanFile;
use KeepShare\Core\Measure\Size;

/** Lets the motor cutter cut a sheet, and goes by the pieces it really cut. A wrong piece is planned again. */
final readonly class MotorCut
{
    public function __construct(private TableTools $tools, private CutSheet $cut, private Replan $replan)
    {
    }

    /**
     * @return string what came of it
     *
     * @throws NoAnswer when the cutter does not answer; nothing is recorded then
     */
    public function cut(Kit $kit, CutPlan $plan, ?int $revision): string
    {
        $core = $plan->toCore();
        $sizes = $this->tools->cut(CutPlanFile::ofSheets(CorePlan::of([$core], [], 1), $kit->unit));
        $wrong = [];
        foreach ($core->pieces() as $leaf) {
            $size = $sizes[(string) $leaf->piece] ?? null;
            if ($size !== null && ! $size->equals($leaf->rect()->size)) {
                $wrong[(string) $leaf->piece] = $size;
            }
        }
        if ($wrong === []) {
            $this->cut->cut($kit, $plan, $revision);

            return 'The motor cutter cut the sheet to measure.';
        }

        return 'Planned again. '
            .implode(
                ' ',
                $this->replan->after(
                    $kit,
                    "The motor cutter cut {$plan->sheet->component->name}, not to measure",
                    $plan->sheet->component,
                    $revision,
                    function () use ($plan, $wrong): void {
                        $this->cut->record($plan);
                        foreach ($wrong as $piece => $size) {
                            self::takeBack((string) $piece, $size);
                        }
                    },
                ),
            );
    }

    /** A piece of another size becomes an offcut of that size. So does a standard part. */
    private static function takeBack(string $piece, Size $size): void
    {
        $taking = Sheet::idOfPart($piece) === null ? Taking::query()->findOrFail((int) $piece) : null;
        Sheet::query()
            ->findOrFail($taking->sheet_id ?? Sheet::idOfPart($piece))
            ->update([
                'state' => SheetState::Open,
                'part' => null,
                'width' => $size->width->units,
                'height' => $size->height->units,
            ]);
        $taking?->update(['sheet_id' => null]);
    }
}
