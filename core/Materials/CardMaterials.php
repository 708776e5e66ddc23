<?php

declare(strict_types=1);

namespace KeepShare\Core\Materials;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\Treat\Treatments;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Laid;

/** Everything another maker needs for a card: what is cut and from what, what is stuck on, tools and steps. */
final readonly class CardMaterials
{
    /**
     * @param  list<CutPart>  $cuts  the base first, then from the bottom up
     * @param  list<string>  $stuck  "2 × Lantern", "12 in of Copper twine"
     * @param  list<string>  $tools
     * @param  list<string>  $steps  sentences in the order of the making, in the unit of the kit
     * @param  list<string>  $cautions
     */
    private function __construct(
        public int $number,
        public string $title,
        public Size $front,
        public array $cuts,
        public array $stuck,
        public array $tools,
        public array $steps,
        public array $cautions,
    ) {
    }

    /** @param  list<Step>  $steps  as StepKinds gives them */
    public static function of(CardAtBench $bench, array $steps): self
    {
        $card = $bench->card;
        $cuts = $stuck = $tools = [];
        foreach (self::inOrder($bench) as $taking) {
            $component = $bench->components[$taking->component] ?? null;
            if ($component === null) {
                continue;
            }
            if ($taking->size !== null) {
                $cuts[] = self::cut($bench, $taking, $component, $taking->size);
            } elseif ($component->isEndless() && ! $component->good->isPlenty()) {
                $tools[] = $component->name;
            } else {
                $stuck[] = self::counted($taking, $component, $bench);
            }
        }
        foreach ($steps as $step) {
            // A step done with bare hands needs no tool.
            $tools = $step->tool->key === HandTool::HANDS ? $tools : [...$tools, $step->tool->name];
        }

        return new self(
            $card->number,
            ucfirst($card->occasion->label()).', '.lcfirst($card->sketch->name),
            $card->front,
            $cuts,
            $stuck,
            array_values(array_unique($tools)),
            array_map(static fn (Step $step): string => $step->says, $steps),
            array_values(array_unique(array_merge([], ...array_map(static fn (Step $step): array => $step->cautions, $steps)))),
        );
    }

    private static function cut(CardAtBench $bench, Taking $taking, Component $component, Size $size): CutPart
    {
        $faces = $component->good instanceof SheetGood ? $component->good->faces() : [];
        $laid = $bench->layout->part($taking->part);

        return new CutPart(
            $bench->card->partName($taking->part),
            $size,
            "$component->name ({$component->kind()->value})",
            count($faces) > 1 ? $faces[$taking->face]->name ?? null : null,
            $taking->part === BasePart::ID ? $bench->construction->blank->scores : [],
            $laid === null ? [] : array_filter($bench->layout->reveals($laid), static fn (Length $one): bool => ! $one->isZero()),
            array_map(static fn (Treated $one): string => Treatments::done($one->treatment), $taking->treated),
        );
    }

    private static function counted(Taking $taking, Component $component, CardAtBench $bench): string
    {
        return match (true) {
            $component->kind()->isByLength() => Length::ofUnits($taking->quantity)->label($bench->unit)." of $component->name",
            $component->good->isPlenty() => "$component->name, as many as you like",
            $taking->quantity === 1 => $component->name,
            default => "$taking->quantity × $component->name",
        };
    }

    /** @return list<Taking> the base first, then the parts of the sketch from the bottom up, then the rest */
    private static function inOrder(CardAtBench $bench): array
    {
        $places = array_flip([BasePart::ID, ...array_map(static fn (Laid $laid): string => $laid->part->id, $bench->layout->parts)]);
        $place = static fn (Taking $taking): int => $places[$taking->part] ?? count($places);
        $takings = $bench->card->takings;
        usort($takings, static fn (Taking $a, Taking $b): int => $place($a) <=> $place($b));

        return $takings;
    }
}
