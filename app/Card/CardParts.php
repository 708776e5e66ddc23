<?php

namespace App\Card;

use App\Models\Card;
use App\Models\Component as Record;
use App\Table\TableState;
use App\View\ChoiceView;
use App\Wording\Wording;
use KeepShare\Core\Bench\Treat\Treatments;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Card\Part\Accessory;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Design\Refit;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Pair\Fit;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Part;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Visibility;
use KeepShare\Core\Table\Table;

/**
 * The parts of a card: their measures, what fills them, and what else could.
 *
 * @phpstan-import-type Choice from ChoiceView
 *
 * @phpstan-type MeasureValue array{name: string, value: string, share: string|null}
 * @phpstan-type TreatedWith array{treatment: string, says: string}
 * @phpstan-type SketchedPart array{
 *     id: string,
 *     name: string,
 *     filling: string,
 *     good: string|null,
 *     isCut: bool,
 *     size: string,
 *     options: list<Choice>,
 *     measures: list<MeasureValue>,
 *     shown: int,
 *     spare: string|null,
 *     treated: list<TreatedWith>,
 *     treatments: list<Choice>, // by treatment/tool/option
 * }
 * @phpstan-type FoldedPart array{
 *     id: string,
 *     name: string,
 *     filling: string,
 *     good: string|null,
 *     isCut: bool,
 *     size: string,
 *     from: string,
 *     note: string,
 * }
 * @phpstan-type StuckPart array{
 *     id: string,
 *     name: string,
 *     filling: string,
 *     good: string|null,
 *     isCut: bool,
 *     amount: string,
 *     quantity: int|null,
 *     options: list<Choice>,
 * }
 * @phpstan-type GuideLine array{id: string, name: string, measures: list<MeasureValue>}
 */
final readonly class CardParts
{
    /** How many papers are offered for a part, the best first. */
    private const OFFERED = 24;

    /**
     * @param  list<string>  $cut
     * @param  Table  $others  without what the card takes
     */
    private function __construct(
        private TableState $state,
        private CoreCard $card,
        private Layout $layout,
        private Refit $refit,
        private array $cut,
        private Table $others,
        private Unit $unit,
    ) {
    }

    public static function of(Card $card, CoreCard $core, Layout $layout, TableState $state): self
    {
        $others = $state->tableWithout($card);

        return new self(
            $state,
            $core,
            $layout,
            Refit::on($others->asking($others->wishes->withStash())),
            $card->cutParts(),
            $others,
            $state->kit->unit,
        );
    }

    /** @return list<SketchedPart> from the base up */
    public function sketched(): array
    {
        $visibility = Visibility::of($this->layout);
        $main = $this->others->mainOf($this->card);

        return array_map(fn (Laid $laid): array => [
            ...$this->filled($laid->part->id, $laid->part->name),
            'size' => $laid->cut->format($this->unit),
            'options' => $this->surfaces($laid->part->role, $laid, $main),
            'measures' => $this->measures($laid->part),
            'shown' => $visibility->shownPercent($laid->part->id),
            'spare' => $visibility->spareOf($laid->part->id)?->label($this->unit),
            'treated' => $this->treated($laid->part->id),
            'treatments' => $this->treatments(),
        ], $this->layout->parts);
    }

    /** @return list<TreatedWith> */
    private function treated(string $part): array
    {
        return array_map(function (Treated $one): array {
            $tool = $this->state->core[$one->tool ?? '']->name ?? null;

            $says = implode(', ', array_filter([Treatments::done($one->treatment), $tool, $one->option]));

            return ['treatment' => $one->treatment, 'says' => $says];
        }, $this->card->taking($part)->treated ?? []);
    }

    /** @return list<Choice> every treatment, with each tool it can be done with */
    private function treatments(): array
    {
        $choices = [];
        foreach (Treatments::all() as $treatment) {
            $tools = array_filter($this->state->core, $treatment->isDoneWith(...));
            foreach ($treatment->isWithoutTool() ? [null] : $tools as $tool) {
                foreach ($treatment->options === [] ? [''] : $treatment->options as $option) {
                    $label = implode(', ', array_filter([$treatment->label, $tool?->name, $option]));
                    $choices[] = ['key' => "$treatment->key/$tool?->id/$option", 'label' => $label];
                }
            }
        }

        return $choices;
    }

    /** @return list<FoldedPart> what the fold is built of besides */
    public function folded(): array
    {
        $parts = [];
        foreach ($this->card->construction($this->unit)->parts as $part) {
            if (! $part->isFace) {
                $parts[] = [
                    ...$this->filled($part->onCard(), $part->name),
                    'size' => $part->size->format($this->unit),
                    'from' => $part->stuff->value,
                    'note' => $part->note,
                ];
            }
        }

        return $parts;
    }

    /** @return list<StuckPart> picture, words and trimmings, base and envelope */
    public function stuck(): array
    {
        $asked = array_filter(Accessories::all(), function (Accessory $part): bool {
            $taking = $this->card->taking($part->id());

            return $taking === null ? $part->need() !== null : $part->isChosen($taking);
        });

        return array_values(array_map($this->chosen(...), $asked));
    }

    /** @return StuckPart */
    private function chosen(Accessory $part): array
    {
        $taking = $this->card->taking($part->id());
        $core = $this->state->core[$taking->component ?? ''] ?? null;
        $isCounted = $part->isAdjustable() && $core?->isEndless() === false;

        return [
            ...$this->filled($part->id(), $part->name()),
            'amount' => $core === null
                    ? ''
                    : $taking?->size?->format($this->unit)
                        ?? Wording::taken($core, $taking->quantity ?? 0, $this->unit),
            'quantity' => $isCounted ? $taking->quantity ?? 0 : null,
            'options' => $this->components($part),
        ];
    }

    /** @return list<GuideLine> the guides of the sketch: measured from, not cut */
    public function guides(): array
    {
        $guides = array_filter($this->card->sketch->parts, static fn (Part $part): bool => $part->role === Role::Guide);
        $line = fn (Part $part): array => ['id' => $part->id, 'name' => $part->name, 'measures' => $this->measures($part)];

        return array_values(array_map($line, $guides));
    }

    /** @return array{id: string, name: string, filling: string, good: string|null, isCut: bool} */
    private function filled(string $id, string $name): array
    {
        $taking = $this->card->taking($id);

        return [
            'id' => $id,
            'name' => $name,
            'filling' => $taking === null ? '' : "$taking->component/$taking->face",
            'good' => $taking === null ? null : $this->state->nameOf(Record::idOfCore($taking->component)),
            'isCut' => in_array($id, $this->cut, true),
        ];
    }

    /**
     * Every measure of a part as it is on this card.
     *
     * @return list<MeasureValue>
     */
    private function measures(Part $part): array
    {
        $measures = [];
        foreach ($this->card->lengthsOf($part, $this->layout, $this->unit) as $name => $length) {
            $written = ($part->measures()[$name] ?? null)?->write() ?? '';
            $measures[] = [
                'name' => $name,
                'value' => $length->exact($this->unit),
                'share' => str_contains($written, ' of it') ? $written : null,
            ];
        }

        return $measures;
    }

    /** @return list<Choice> */
    private function surfaces(Role $role, Laid $laid, ?Surface $main): array
    {
        $beside = $main !== null && $this->card->taking($laid->part->id)?->component === $main->component ? null : $main;

        $surfaces = array_slice($this->refit->surfacesFor($role, $laid->cut, $beside), 0, self::OFFERED);

        return array_map(fn (Surface $one): array => ['key' => $one->key, 'label' => $this->said($one, $beside)], $surfaces);
    }

    /** "Harbour stripe, blue side · matches 72 of 100" */
    private function said(Surface $surface, ?Surface $beside): string
    {
        $name = $this->state->nameOf(Record::idOfCore($surface->component));
        $side = count($this->faces($surface)) > 1 ? ", {$surface->face->name}" : '';

        return $name.$side.($beside === null ? '' : ' · matches '.Fit::figure($beside->face, $surface->face).' of 100');
    }

    /** @return array<int, mixed> */
    private function faces(Surface $surface): array
    {
        $good = $this->state->core[$surface->component]->good;

        return $good instanceof SheetGood ? $good->faces() : [];
    }

    /** @return list<Choice> what there is left of, for one of the loose parts */
    private function components(Accessory $part): array
    {
        $own = $this->card->taking($part->id());
        $options = [];
        if ($own?->size !== null) {
            // A piece cut with a die from a scrap stays a choice.
            $options[] = [
                'key' => "$own->component/$own->face",
                'label' => 'a shape cut from '.$this->state->nameOf(Record::idOfCore($own->component)),
            ];
        }
        foreach ($this->state->core as $core) {
            $left = $this->others->laying->free[$core->id] ?? 0;
            if ($part->isFilledBy($core) && ($core->id === $own?->component || $core->isEndless() || $left > 0)) {
                $isCounted = ! $core->isEndless() && ! $core->kind()->isByLength();
                $name = $this->state->nameOf(Record::idOfCore($core->id));
                $options[] = ['key' => "$core->id/0", 'label' => $name.($isCounted ? " · $left left" : '')];
            }
        }

        return $options;
    }
}
