<?php

namespace App\Safe;

use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\OwnArrangement;
use App\Models\OwnRecipe;
use App\Models\OwnSketch;
use App\Models\Sheet;
use App\Models\Solution;
use App\Models\Taking;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use Throwable;

/** Whether a record of a file makes sense to the application, so that no page fails on it. */
final class Understood
{
    /** The most pixels a side of a picture. Stored ones are far smaller. */
    private const MOST_PIXELS = 4_096;

    /** @var array<int, Size> of the sheets so far, for their plans */
    private array $sheets = [];

    /**
     * @param  array<string, mixed>  $held  its columns, as the database holds them
     *
     * @throws BadTable
     */
    public function check(RecordKind $kind, array $held): void
    {
        try {
            $record = (new $kind->model)->newFromBuilder($held);
            // Every date, choice and list is read.
            $record->attributesToArray();
            match (true) {
                $record instanceof Kit => [$record->front(), $record->price(), $record->trimmer()],
                $record instanceof Card => $this->card($record),
                $record instanceof Sheet => $this->sheet($record),
                $record instanceof CutPlan => $this->plan($record),
                $record instanceof Component,
                $record instanceof OwnSketch,
                $record instanceof OwnArrangement,
                $record instanceof OwnRecipe,
                $record instanceof Solution,
                $record instanceof Taking => $record->toCore(),
                default => null,
            };
        } catch (Throwable $wrong) {
            $id = is_int($held['id']) ? $held['id'] : '';

            throw BadTable::at("$kind->table, record $id", "it cannot be understood ({$wrong->getMessage()}).");
        }
    }

    /** @throws BadTable */
    public function checkPicture(string $name, string $contents): void
    {
        $is = @getimagesizefromstring($contents);
        if ($is === false || $is['mime'] !== 'image/jpeg' || max($is[0], $is[1]) > self::MOST_PIXELS) {
            throw BadTable::at($name, 'this is no JPEG picture that could have been kept.');
        }
    }

    private function card(Card $card): void
    {
        $card->setRelation('takings', collect());
        $card->toCore()->layout(Unit::Inch);
    }

    private function sheet(Sheet $sheet): void
    {
        $sheet->toStock();
        $this->sheets[$sheet->id] = $sheet->size();
    }

    private function plan(CutPlan $plan): void
    {
        $size = $this->sheets[$plan->sheet_id] ?? throw BadTable::because('there is no such sheet.');
        SheetPlan::fromArray(Stock::sheet((string) $plan->sheet_id, $size), $plan->tree);
    }
}
