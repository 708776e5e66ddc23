<?php

namespace App\Pages;

use App\Actions\BonusCards;
use App\Models\Component;
use App\Models\Kit;
use App\Models\SheetState;
use App\Table\Kept;
use App\Table\TableState;
use App\Wording\Wording;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Keep\Grade;
use KeepShare\Core\Outlook\Addition;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Spare;
use KeepShare\Core\Table\Table;

/** What is left, and the bonus cards it still gives. */
final readonly class KeepPage
{
    public function __construct(private BonusCards $bonus)
    {
    }

    /** @return array<string, mixed> */
    public function of(Kit $kit): array
    {
        $state = TableState::of($kit);
        $table = $state->table(BonusCards::wishes($kit));
        $apart = $table->sparesApart();
        $parts = array_map(static fn (Kept $part): array => self::part($part, $state), array_filter(
            Kept::of($state),
            static fn (Kept $part): bool => ! $part->isWhole && $state->components->get($part->component)?->kit_id === $kit->id,
        ));
        $hasCards = $state->cards->isNotEmpty();
        if ($hasCards) {
            $this->bonus->look($kit);
        }

        return [
            'hasCards' => $hasCards,
            'tray' => array_map(static fn (Grade $grade): array => [
                'grade' => $grade->value,
                'label' => $grade->label(),
                'parts' => array_values(array_filter($parts, static fn (array $part): bool => $part['grade'] === $grade->value)),
            ], Grade::cases()),
            'counts' => self::counts($state, $table),
            'spares' => self::spares($table),
            'goods' => GoodView::all($apart->components),
            'bonus' => $hasCards ? $this->found($kit, $apart, $table) : null,
        ];
    }

    /** @return array<string, mixed> */
    private static function part(Kept $part, TableState $state): array
    {
        return [
            'component' => Component::coreIdOf($part->component),
            ...GoodView::size($part->size),
            'measure' => $part->size->format($state->kit->unit),
            'grade' => Grade::of($part->size, $state->kit->front())->value,
            'isThere' => $part->isThere,
            'from' => sprintf('%s, sheet %d', $state->components->get($part->component)->name ?? '', $part->number),
        ];
    }

    /** @return list<array<string, mixed>> what is left of everything that is counted, and whole sheets */
    private static function counts(TableState $state, Table $table): array
    {
        $counts = [];
        foreach ($state->components->where('kit_id', $state->kit->id) as $component) {
            $core = $state->core[$component->coreId()];
            if ($core->isEndless()) {
                continue;
            }
            $left = $component->kind->isSheets()
                ? $state->sheetsOf($component)->where('is_whole', true)->where('state', SheetState::Open)->whereNull('plan')->count()
                : ($table->laying->free[$component->coreId()] ?? 0);
            $counts[] = [
                'id' => $component->coreId(),
                'left' => $component->kind->isSheets() ? Wording::plural($left, 'whole sheet') : Wording::count($core, $left, $state->kit->unit),
                'isGone' => $left <= 0,
            ];
        }

        return $counts;
    }

    /** @return list<array<string, mixed>> what no card can need as it is, and what it gives when it is taken apart */
    private static function spares(Table $table): array
    {
        return array_map(static fn (Spare $spare): array => [
            'id' => $spare->component->id,
            'gives' => $spare->idApart(),
            'name' => $spare->component->name,
            'count' => $spare->count,
            'how' => $spare->apart->how,
            'each' => $spare->apart->each,
            'size' => $spare->apart->good->size()->label($table->unit),
        ], Spare::on($table));
    }

    /**
     * @param  Table  $apart  with the spares taken apart
     * @return array<string, mixed>
     */
    private function found(Kit $kit, Table $apart, Table $table): array
    {
        $found = $this->bonus->found($kit);
        if ($found === null) {
            return ['isLooking' => true, 'soFar' => BonusCards::search($kit)->soFar()];
        }
        // Whichever goods the maker takes apart beside those, no more come of it.
        $bound = Bound::on($table->everythingApart()->after(...$found->cards));

        return [
            'isLooking' => false,
            'cards' => array_map(static fn (Card $card): array => [
                'number' => $card->number,
                'front' => FrontView::of($card, $apart->components, $kit->unit),
                'uses' => array_map(static fn (Taking $taking): string => self::uses($taking, $apart), $card->takings),
            ], $found->cards),
            'stop' => self::stop($found),
            'bound' => $found->stop === null ? null : $bound->says(),
        ];
    }

    /** @return array{wants: string, outlook: string, additions: list<string>}|null */
    private static function stop(ShareOut $found): ?array
    {
        return $found->stop === null ? null : [
            'wants' => $found->stop->wants(),
            'outlook' => $found->stop->outlook(),
            'additions' => array_map(static fn (Addition $addition): string => $addition->says(), $found->stop->additions),
        ];
    }

    private static function uses(Taking $taking, Table $table): string
    {
        $component = $table->components[$taking->component];
        $amount = match (true) {
            $taking->size !== null => ' '.$taking->size->format($table->unit),
            $component->kind()->isByLength() => ' '.Wording::count($component, $taking->quantity, $table->unit),
            $taking->quantity > 1 => ' × '.$taking->quantity,
            default => '',
        };

        return $component->name.$amount.(isset($table->stash[$taking->component]) ? ' (stash)' : '');
    }
}
