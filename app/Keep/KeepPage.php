<?php

namespace App\Keep;

use App\Cards\BonusCards;
use App\Cutting\Middles;
use App\Models\Component;
use App\Models\Kit;
use App\Table\Kept;
use App\Table\TableState;
use App\View\GoodView;
use App\View\Later;
use App\View\Page;
use App\Wording\Wording;
use Closure;
use KeepShare\Core\Fold\Cutting;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Table\Spare;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\Balance;
use KeepShare\Core\Tray\TrayPlan;

/**
 * What is left, what each scrap of it can become, and the bonus cards it still gives.
 *
 * @phpstan-import-type BonusFound from BonusView
 * @phpstan-import-type ChosenScrap from TrayView
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type ScrapPlan from TrayView
 * @phpstan-import-type TrayBox from TrayView
 * @phpstan-import-type TrayScrap from TrayView
 *
 * @phpstan-type LeftCount array{id: string, left: string, isGone: bool}
 * @phpstan-type SpareLine array{id: string, gives: string, name: string, count: int, how: string, each: int, size: string, costs: string}
 * @phpstan-type MiddleLine array{taking: int, component: string, says: string, costs: string, isThere: bool}
 * @phpstan-type BalanceBar array{what: string, cards: int|null}
 * @phpstan-type TurnedScrap array{scrap: TrayScrap, says: string, plan: ScrapPlan}
 * @phpstan-type TurnedTray array{
 *     isLooking: bool,
 *     soFar: int,
 *     says: string,
 *     left: int,
 *     scraps: list<TurnedScrap>,
 * }
 */
final readonly class KeepPage extends Page
{
    /**
     * @param  Closure(): list<TrayBox>  $tray
     * @param  Closure(): int  $confetti  scraps that lie there and are too small for anything
     * @param  Closure(): (ChosenScrap|null)  $chosen
     * @param  Closure(): (TurnedTray|null)  $turned  where the whole tray is looked at
     * @param  Closure(): list<LeftCount>  $counts  what is left of everything that is counted, and whole sheets
     * @param  Closure(): list<SpareLine>  $spares  what no card can need as it is, and what it gives when it is taken apart
     * @param  Closure(): list<MiddleLine>  $middles  what no one sees of the parts of cards
     * @param  Closure(): list<BalanceBar>  $balance
     * @param  Closure(): Goods  $goods
     * @param  Closure(): (BonusFound|null)  $bonus
     * @param  array<string, string>  $orders
     */
    private function __construct(
        public bool $hasCards,
        public Closure $tray,
        public Closure $confetti,
        public Closure $chosen,
        public Closure $turned,
        public Closure $counts,
        public Closure $spares,
        public Closure $middles,
        public Closure $balance,
        public Closure $goods,
        public Closure $bonus,
        public array $orders,
    ) {
    }

    /**
     * @param  string  $scrap  the one that was chosen; '' for the largest
     * @param  string  $order  of the bonus cards
     */
    public static function of(Kit $kit, BonusCards $bonus, string $scrap, string $order): self
    {
        $hasCards = $kit->cards()->exists();
        if ($hasCards) {
            $bonus->look($kit);
        }
        $found = Later::of(static fn (): ?ShareOut => $hasCards ? $bonus->found($kit) : null);
        $tray = Later::of(static fn (): Tray => Tray::of($kit, BonusCards::wishes($kit), $found()->cards ?? []));
        $table = Later::of(static fn (): Table => $tray()->state->table(BonusCards::wishes($kit)));
        $view = Later::of(static fn (): TrayView => TrayView::of($tray()));
        $boxes = Later::of(static fn (): array => $view()->boxes());
        $chosen = static fn (): string => isset($tray()->kept[$scrap]) ? $scrap : (string) ($boxes()[0]['scraps'][0]['id'] ?? '');

        return new self(
            $hasCards,
            $boxes,
            static fn (): int => count($tray()->confetti()),
            static fn (): ?array => $view()->chosen($chosen(), $tray()->becomes($chosen())),
            static fn (): ?array => self::turned($kit, $tray, $view),
            static fn (): array => self::counts($tray(), $table()),
            static fn (): array => array_map(static fn (Spare $spare): array => self::spare($spare, $table()), Spare::on($table())),
            static fn (): array => self::middles($tray()->state),
            static fn (): array => array_map(self::bar(...), Balance::of($tray()->table)),
            static fn (): array => GoodView::all($table()->sparesApart()->components),
            static fn (): ?array => $hasCards ? BonusView::of($tray(), $table(), $found(), $order) : null,
            BonusView::ORDERS,
        );
    }

    /** @return list<MiddleLine> */
    private static function middles(TableState $state): array
    {
        return array_map(static fn (Middles $one): array => self::middle($one, $state, $state->kit->unit), Middles::of($state));
    }

    /** @return BalanceBar */
    private static function bar(Balance $one): array
    {
        return ['what' => $one->what, 'cards' => $one->cards];
    }

    /**
     * @param  Closure(): Tray  $tray
     * @param  Closure(): TrayView  $view
     * @return TurnedTray|null
     */
    private static function turned(Kit $kit, Closure $tray, Closure $view): ?array
    {
        $search = TurnTray::search($kit);
        $plan = TurnTray::found($kit);
        if ($plan === null && ! $search->isUnderWay()) {
            return null;
        }

        return [
            'isLooking' => $plan === null,
            'soFar' => $search->soFar(),
            'says' => $plan?->says() ?? '',
            'left' => $plan?->leftPerCent() ?? 0,
            'scraps' => $plan === null ? [] : self::scraps($plan, $tray(), $view(), $kit->unit),
        ];
    }

    /** @return list<TurnedScrap> */
    private static function scraps(TrayPlan $plan, Tray $tray, TrayView $view, Unit $unit): array
    {
        $scraps = [];
        foreach ($plan->plans as $id => $own) {
            $kept = $tray->kept[$id] ?? null;
            if ($kept !== null && $kept->part === null) {
                $says = TrayPlan::parts($own, $unit);
                $scraps[] = ['scrap' => $view->scrap($kept), 'says' => $says, 'plan' => $view->plan($own)];
            }
        }

        return $scraps;
    }

    /** @return list<LeftCount> */
    private static function counts(Tray $tray, Table $table): array
    {
        $state = $tray->state;
        $offcuts = array_count_values(array_map(static fn (Kept $kept): int => $kept->component, $tray->kept));
        $counts = [];
        foreach ($state->components->where('kit_id', $state->kit->id) as $component) {
            $core = $state->core[$component->coreId()];
            if ($core->isEndless()) {
                continue;
            }
            $isSheets = $component->kind->isSheets();
            $left = $isSheets ? $state->wholesLeft($component) : $table->laying->free[$component->coreId()] ?? 0;
            $scraps = $isSheets ? $offcuts[$component->id] ?? 0 : 0;
            $counts[] = [
                'id' => $component->coreId(),
                'left' => $isSheets ? self::sheets($left, $scraps) : Wording::count($core, $left, $state->kit->unit),
                'isGone' => $left <= 0 && $scraps === 0,
            ];
        }

        return $counts;
    }

    private static function sheets(int $wholes, int $scraps): string
    {
        return match (true) {
            $scraps === 0 => $wholes === 0 ? 'nothing' : Wording::plural($wholes, 'whole sheet'),
            $wholes === 0 => Wording::plural($scraps, 'offcut'),
            default => Wording::plural($wholes, 'whole sheet').', '.Wording::plural($scraps, 'offcut'),
        };
    }

    /** @return SpareLine */
    private static function spare(Spare $spare, Table $table): array
    {
        $rest = ($table->free[$spare->component->id] ?? 0) - $spare->count;

        return [
            'id' => $spare->component->id,
            'gives' => $spare->idApart(),
            'name' => $spare->component->name,
            'count' => $spare->count,
            'how' => $spare->apart->how,
            'each' => $spare->apart->each,
            'size' => $spare->apart->good->size()->label($table->unit),
            'costs' => "one {$spare->component->kind()->value} less; ".($rest === 0 ? 'no card can need one more' : "$rest stay for cards"),
        ];
    }

    /** @return MiddleLine */
    private static function middle(Middles $middle, TableState $state, Unit $unit): array
    {
        $usual = Cutting::in($unit);

        return [
            'taking' => $middle->taking->id,
            'component' => Component::coreIdOf($middle->taking->component_id),
            'says' => "Card $middle->card, {$middle->taking->partName()}: {$middle->size->label($unit)} of "
                .$state->nameOf($middle->taking->component_id),
            'costs' => 'four cuts with a knife; '.$usual->say($usual->tab()).' stays for glue'
                .($middle->isThere() ? '' : '; once the part is cut'),
            'isThere' => $middle->isThere(),
        ];
    }
}
