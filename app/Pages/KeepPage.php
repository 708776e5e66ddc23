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

/**
 * What is left, and the bonus cards it still gives.
 *
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type Offcut array{
 *     component: string,
 *     width: int,
 *     height: int,
 *     measure: string,
 *     isThere: bool,
 *     from: string,
 * }
 * @phpstan-type TrayBox array{grade: string, label: string, parts: list<Offcut>}
 * @phpstan-type LeftCount array{id: string, left: string, isGone: bool}
 * @phpstan-type SpareLine array{
 *     id: string,
 *     gives: string,
 *     name: string,
 *     count: int,
 *     how: string,
 *     each: int,
 *     size: string,
 * }
 * @phpstan-type BonusCard array{number: int, front: Front, uses: list<string>}
 * @phpstan-type BonusStop array{wants: string, outlook: string, additions: list<string>, bound: string}
 * @phpstan-type BonusFound array{isLooking: bool, soFar: int, cards: list<BonusCard>, stop: BonusStop|null}
 */
final readonly class KeepPage extends Page
{
    /**
     * @param  list<TrayBox>  $tray
     * @param  list<LeftCount>  $counts  what is left of everything that is counted, and whole sheets
     * @param  list<SpareLine>  $spares  what no card can need as it is, and what it gives when it is taken apart
     * @param  Goods  $goods
     * @param  BonusFound|null  $bonus
     */
    private function __construct(
        public bool $hasCards,
        public array $tray,
        public array $counts,
        public array $spares,
        public array $goods,
        public ?array $bonus,
    ) {
    }

    public static function of(Kit $kit, BonusCards $bonus): self
    {
        $state = TableState::of($kit);
        $table = $state->table(BonusCards::wishes($kit));
        $apart = $table->sparesApart();
        $hasCards = $state->cards->isNotEmpty();
        if ($hasCards) {
            $bonus->look($kit);
        }

        return new self(
            $hasCards,
            self::tray($state),
            self::counts($state, $table),
            array_map(static fn (Spare $spare): array => self::spare($spare, $table), Spare::on($table)),
            GoodView::all($apart->components),
            $hasCards ? self::found($bonus->found($kit), $kit, $apart, $table) : null,
        );
    }

    /** @return list<TrayBox> */
    private static function tray(TableState $state): array
    {
        $parts = [];
        foreach (Kept::of($state) as $part) {
            if (! $part->isWhole && $state->components->get($part->component)?->kit_id === $state->kit->id) {
                $parts[Grade::of($part->size, $state->kit->front())->value][] = self::part($part, $state);
            }
        }

        return array_map(static fn (Grade $grade): array => [
            'grade' => $grade->value,
            'label' => $grade->label(),
            'parts' => $parts[$grade->value] ?? [],
        ], Grade::cases());
    }

    /** @return Offcut */
    private static function part(Kept $part, TableState $state): array
    {
        return [
            'component' => Component::coreIdOf($part->component),
            ...GoodView::size($part->size),
            'measure' => $part->size->format($state->kit->unit),
            'isThere' => $part->isThere,
            'from' => sprintf('%s, sheet %d', $state->components->get($part->component)->name ?? '', $part->number),
        ];
    }

    /** @return list<LeftCount> */
    private static function counts(TableState $state, Table $table): array
    {
        $counts = [];
        foreach ($state->components->where('kit_id', $state->kit->id) as $component) {
            $core = $state->core[$component->coreId()];
            if ($core->isEndless()) {
                continue;
            }
            $isSheets = $component->kind->isSheets();
            $left = $isSheets ? self::wholeSheets($component, $state) : $table->laying->free[$component->coreId()] ?? 0;
            $counts[] = [
                'id' => $component->coreId(),
                'left' => $isSheets ? Wording::plural($left, 'whole sheet') : Wording::count($core, $left, $state->kit->unit),
                'isGone' => $left <= 0,
            ];
        }

        return $counts;
    }

    private static function wholeSheets(Component $component, TableState $state): int
    {
        $sheets = $state->sheetsOf($component)->where('is_whole', true)->where('state', SheetState::Open);

        return $sheets->whereNull('plan')->count();
    }

    /** @return SpareLine */
    private static function spare(Spare $spare, Table $table): array
    {
        return [
            'id' => $spare->component->id,
            'gives' => $spare->idApart(),
            'name' => $spare->component->name,
            'count' => $spare->count,
            'how' => $spare->apart->how,
            'each' => $spare->apart->each,
            'size' => $spare->apart->good->size()->label($table->unit),
        ];
    }

    /**
     * @param  Table  $apart  with the spares taken apart
     * @return BonusFound
     */
    private static function found(?ShareOut $found, Kit $kit, Table $apart, Table $table): array
    {
        if ($found === null) {
            return ['isLooking' => true, 'soFar' => BonusCards::search($kit)->soFar(), 'cards' => [], 'stop' => null];
        }
        $uses = static fn (Taking $taking): string => self::uses($taking, $apart);

        return [
            'isLooking' => false,
            'soFar' => count($found->cards),
            'cards' => array_map(static fn (Card $card): array => [
                'number' => $card->number,
                'front' => FrontView::of($card, $apart->components, $kit->unit),
                'uses' => array_map($uses, $card->takings),
            ], $found->cards),
            'stop' => self::stop($found, $table),
        ];
    }

    /** @return BonusStop|null */
    private static function stop(ShareOut $found, Table $table): ?array
    {
        if ($found->stop === null) {
            return null;
        }

        return [
            'wants' => $found->stop->wants(),
            'outlook' => $found->stop->outlook(),
            'additions' => array_map(static fn (Addition $one): string => $one->says(), $found->stop->additions),
            // Whichever goods the maker takes apart beside those, no more come of it.
            'bound' => Bound::on($table->everythingApart()->after(...$found->cards))->says(),
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
