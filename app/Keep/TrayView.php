<?php

namespace App\Keep;

use App\Models\Component;
use App\Table\Kept;
use App\View\GoodView;
use KeepShare\Core\Cut\Cut;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Keep\Grade;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Tray\Noun;
use KeepShare\Core\Tray\WayToCut;

/**
 * The scraps on the tray, and how one of them is cut up.
 *
 * @phpstan-import-type CutLine from GoodView
 *
 * @phpstan-type TrayScrap array{
 *     id: string,
 *     component: string,
 *     width: int,
 *     height: int,
 *     measure: string,
 *     part: string|null,
 *     isThere: bool,
 *     from: string,
 * }
 * @phpstan-type TrayBox array{grade: string, label: string, scraps: list<TrayScrap>}
 * @phpstan-type ScrapPart array{x: int, y: int, width: int, height: int, label: string, measure: string, isLeft: bool}
 * @phpstan-type ScrapPlan array{parts: list<ScrapPart>, cuts: list<CutLine>, settings: list<string>}
 * @phpstan-type TrayOption array{key: string, says: string, how: string, serves: string, left: int, plan: ScrapPlan}
 * @phpstan-type ChosenScrap array{scrap: TrayScrap, name: string, other: string|null, options: list<TrayOption>}
 */
final readonly class TrayView
{
    private function __construct(private Tray $tray, private Unit $unit)
    {
    }

    public static function of(Tray $tray): self
    {
        return new self($tray, $tray->state->kit->unit);
    }

    /** @return list<TrayBox> standard parts, then the scraps by what they are still good for; empty boxes are left out */
    public function boxes(): array
    {
        $boxes = ['parts' => ['grade' => 'parts', 'label' => 'standard parts', 'scraps' => []]];
        foreach (Grade::cases() as $grade) {
            $boxes[$grade->value] = ['grade' => $grade->value, 'label' => $grade->label(), 'scraps' => []];
        }
        foreach ($this->tray->kept as $kept) {
            $grade = $kept->part === null ? Grade::of($kept->size, $this->tray->state->kit->front())->value : 'parts';
            $boxes[$grade]['scraps'][] = $this->scrap($kept);
        }

        return array_values(array_filter($boxes, static fn (array $box): bool => $box['scraps'] !== []));
    }

    /**
     * @param  list<WayToCut>  $options
     * @return ChosenScrap|null
     */
    public function chosen(string $id, array $options): ?array
    {
        $kept = $this->tray->kept[$id] ?? null;
        if ($kept === null) {
            return null;
        }
        $component = $this->tray->state->core[Component::coreIdOf($kept->component)];
        $faces = GoodView::all([$component])[$component->id]['faces'];

        return [
            'scrap' => $this->scrap($kept),
            'name' => $component->name,
            'other' => $faces[1]['name'] ?? null,
            'options' => array_map($this->option(...), $options),
        ];
    }

    /** @return ScrapPlan */
    public function plan(SheetPlan $plan): array
    {
        return [
            'parts' => array_map($this->leaf(...), $plan->leaves()),
            'cuts' => array_map(GoodView::line(...), $plan->cuts()),
            'settings' => array_map(fn (Cut $cut): string => $cut->at()->format($this->unit), $plan->cuts()),
        ];
    }

    /** @return TrayScrap */
    public function scrap(Kept $kept): array
    {
        return [
            'id' => $kept->id,
            'component' => Component::coreIdOf($kept->component),
            ...GoodView::size($kept->size),
            'measure' => $kept->size->format($this->unit),
            'part' => $kept->part,
            'isThere' => $kept->isThere,
            'from' => sprintf('%s, sheet %d', $this->tray->state->components->get($kept->component)->name ?? '', $kept->record->number),
        ];
    }

    /** @return TrayOption */
    private function option(WayToCut $option): array
    {
        return [
            'key' => $option->key(),
            'says' => $option->says($this->unit),
            'how' => $option->how(),
            'serves' => $option->serves(),
            'left' => intdiv(100 * $option->left, max(1, $option->plan->stock->size->area())),
            'plan' => $this->plan($option->plan),
        ];
    }

    /** @return ScrapPart */
    private function leaf(Leaf $leaf): array
    {
        $size = $leaf->rect()->size;

        return [
            ...GoodView::box($leaf->rect()),
            'label' => $leaf->piece === null ? 'left over' : self::named($leaf->piece, $leaf),
            'measure' => $size->format($this->unit),
            'isLeft' => $leaf->piece === null,
        ];
    }

    private static function named(string $piece, Leaf $leaf): string
    {
        $noun = Noun::of($piece, $leaf->rect()->size);

        return str_contains($piece, '/') ? "$noun, card ".explode('/', $piece)[0] : $noun;
    }
}
