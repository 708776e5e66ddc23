<?php

namespace App\Unpack;

use App\Models\Component;
use App\Models\Kit;
use App\Table\TableState;
use App\View\GoodView;
use App\View\LineView;
use App\View\Page;
use App\Wording\Wording;
use KeepShare\Core\Kit\Occasion;

/**
 * The packing list beside what is on the table.
 *
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type UnpackedLine array{
 *     id: string,
 *     size: string|null,
 *     listed: string,
 *     here: string,
 *     differs: bool,
 *     occasions: list<string>,
 * }
 */
final readonly class UnpackPage extends Page
{
    /**
     * @param  list<array{title: string, lines: list<UnpackedLine>}>  $groups
     * @param  int  $counted  how many lines have been counted
     * @param  Goods  $goods
     */
    private function __construct(public array $groups, public int $counted, public array $goods)
    {
    }

    public static function of(Kit $kit): self
    {
        $state = TableState::of($kit);
        $own = $state->components->where('kit_id', $kit->id);

        return new self(
            Wording::grouped($own, static fn (Component $one): array => self::line($one, $state)),
            $own->where('is_counted', true)->count(),
            GoodView::all($own->map(static fn (Component $one) => $state->core[$one->coreId()])),
        );
    }

    /** @return UnpackedLine */
    private static function line(Component $component, TableState $state): array
    {
        $core = $state->core[$component->coreId()];
        $here = $state->hereOf($component);
        $unit = $state->kit->unit;

        return [
            'id' => $component->coreId(),
            'size' => LineView::size($core, $unit),
            'listed' => Wording::count($core, $component->listed, $unit),
            'here' => Wording::count($core, $here, $unit),
            'differs' => $here !== $component->listed && ! $core->isEndless(),
            'occasions' => array_map(static fn (Occasion $one): string => $one->label(), $core->words()->occasions ?? []),
        ];
    }
}
