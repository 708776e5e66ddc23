<?php

namespace App\Cut;

use App\Cutting\CutPlans;
use App\Cutting\CutSheet;
use App\Cutting\PartScraps;
use App\Journal\Journal;
use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use Closure;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;

/**
 * Plans again from what is really there after a wrong cut, without touching what is done. It says what changed for
 * which card. If not everything can be cut, the latest cards are short until a way out is taken.
 */
final readonly class Replan
{
    public function __construct(
        private Journal $journal,
        private CutPlans $plans,
        private CutSheet $cut,
        private PartScraps $parts,
    ) {
    }

    /**
     * The cut in hand went at another measure.
     *
     * @return list<string> what changed for which card
     */
    public function cutElsewhere(Kit $kit, CutPlan $plan, Direction $direction, Length $at, ?int $revision): array
    {
        return $this->after(
            $kit,
            "A cut of {$plan->sheet->component->name} went wrong",
            $plan->sheet->component,
            $revision,
            function () use ($plan, $direction, $at): void {
                $this->parts->undo($plan->sheet);
                $this->cut->wrong($plan, $direction, $at);
            },
        );
    }

    /**
     * A corner of the part is bent, or it has a hole. The plan avoids it.
     *
     * @return list<string> what changed for which card
     */
    public function blemished(Kit $kit, CutPlan $plan, Rect $blemish, ?int $revision): array
    {
        $sheet = $plan->sheet;

        return $this->after(
            $kit,
            "A blemish on a sheet of {$sheet->component->name}",
            $sheet->component,
            $revision,
            function () use ($sheet, $blemish): void {
                $this->parts->undo($sheet);
                $sheet->update(['blemishes' => [...$sheet->blemishes ?? [], Sheet::keepsBlemish($blemish)]]);
            },
        );
    }

    /**
     * The part you are cutting is bent, torn or lost.
     *
     * @return list<string> what changed for which card
     */
    public function spoiled(Kit $kit, CutPlan $plan, ?int $revision): array
    {
        $sheet = $plan->sheet;

        return $this->after(
            $kit,
            "A sheet of {$sheet->component->name} is spoiled",
            $sheet->component,
            $revision,
            function () use ($plan, $sheet): void {
                $this->parts->undo($sheet);
                $this->cut->freed($sheet);
                $plan->delete();
                self::spoil($sheet);
            },
        );
    }

    /**
     * A piece that was cut for a card is wrong.
     *
     * @return list<string> what changed for which card
     */
    public function pieceSpoiled(Kit $kit, Taking $taking, Sheet $piece, ?int $revision): array
    {
        return $this->after(
            $kit,
            "A piece for card {$taking->card->number} is spoiled",
            $piece->component,
            $revision,
            static function () use ($taking, $piece): void {
                $taking->update(['sheet_id' => null]);
                self::spoil($piece);
            },
        );
    }

    private static function spoil(Sheet $sheet): void
    {
        $sheet->update(['state' => SheetState::Spoiled]);
        if ($sheet->is_whole) {
            LedgerEntry::query()->create(['component_id' => $sheet->component_id, 'delta' => -1, 'reason' => LedgerReason::Spoiled]);
        }
    }

    /**
     * Something happens at the table, and then the component is planned again.
     *
     * @param  Closure(): void  $happen
     * @return list<string> what changed for which card
     */
    public function after(Kit $kit, string $name, Component $component, ?int $revision, Closure $happen): array
    {
        return $this->journal->act($kit, $name, $revision, function () use ($component, $happen): array {
            $before = self::sources($component);
            $happen();
            $short = $this->plans->replan($component->id);
            $after = self::sources($component);
            $says = [];
            foreach ($after as $id => $source) {
                if (($before[$id] ?? null) !== $source) {
                    $taking = Taking::query()->with('card')->findOrFail($id);
                    $says[] = "Card {$taking->card->number}'s {$taking->partName()} now comes from $source of $component->name.";
                }
            }
            foreach ($short as $taking) {
                $says[] = "Card {$taking->card->number} is without its {$taking->partName()}: "
                    ."there is not enough of $component->name left. The ways out are offered here and on its page.";
            }

            return $says === [] ? ['Nothing changes for the cards.'] : $says;
        });
    }

    /** @return array<int, string> by taking: the sheet or part its piece is planned on */
    private static function sources(Component $component): array
    {
        $sources = [];
        foreach (Sheet::query()->where('component_id', $component->id)->where('state', SheetState::Open)->with('plan')->get() as $sheet) {
            $leaves = $sheet->plan?->setRelation('sheet', $sheet)->toCore()->pieces() ?? [];
            foreach ($leaves as $leaf) {
                $sources[(int) $leaf->piece] = ($sheet->is_whole || $sheet->in_hand_id !== null ? 'sheet ' : 'an offcut of sheet ')
                    .$sheet->number;
            }
        }

        return $sources;
    }
}
