<?php

namespace App\Keep;

use App\Cards\BonusCards;
use App\View\FrontView;
use App\Wording\Wording;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Share\Judge;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Table;

/**
 * The bonus cards that were found in what is left, and what stops the next.
 *
 * @phpstan-import-type Front from FrontView
 *
 * @phpstan-type BonusCard array{number: int, front: Front, uses: list<string>, scrap: string|null}
 * @phpstan-type BonusStop array{wants: string, outlook: string, bound: string}
 * @phpstan-type BonusFound array{isLooking: bool, soFar: int, order: string, cards: list<BonusCard>, stop: BonusStop|null}
 */
final readonly class BonusView
{
    public const MOST = 'most';

    public const LEAST_STASH = 'stash';

    public const LOOKS = 'looks';

    public const ORDERS = [
        self::MOST => 'as they give the most',
        self::LEAST_STASH => 'least from the stash first',
        self::LOOKS => 'best looking first',
    ];

    /** @param  Table  $table  as it lies, with nothing taken apart */
    private function __construct(private Tray $tray, private Table $table, private Table $apart)
    {
    }

    /** @return BonusFound */
    public static function of(Tray $tray, Table $table, ?ShareOut $found, string $order): array
    {
        $kit = $tray->state->kit;
        $order = isset(self::ORDERS[$order]) ? $order : self::MOST;
        if ($found === null) {
            return ['isLooking' => true, 'soFar' => BonusCards::search($kit)->soFar(), 'order' => $order, 'cards' => [], 'stop' => null];
        }
        $view = new self($tray, $table, $tray->table->sparesApart());

        return [
            'isLooking' => false,
            'soFar' => count($found->cards),
            'order' => $order,
            'cards' => array_map($view->card(...), $view->inOrder($found->cards, $order)),
            'stop' => $view->stop($found),
        ];
    }

    /**
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    private function inOrder(array $cards, string $order): array
    {
        $judge = Judge::of($this->apart);
        $by = [
            self::LEAST_STASH => fn (Card $a, Card $b): int => $this->apart->fromStash($a) <=> $this->apart->fromStash($b),
            self::LOOKS => static fn (Card $a, Card $b): int => $judge->merit([$b])->compare($judge->merit([$a])),
        ];
        if (isset($by[$order])) {
            usort($cards, $by[$order]);
        }

        return $cards;
    }

    /** @return BonusCard */
    private function card(Card $card): array
    {
        return [
            'number' => $card->number,
            'front' => FrontView::of($card, $this->apart->components, $this->apart->unit),
            'uses' => array_map($this->used(...), $card->takings),
            'scrap' => match ($share = $this->tray->uses()->scrapOf($card->number)) {
                null => null,
                100 => 'all its paper is scrap',
                0 => 'no scrap in it',
                default => "$share % of its paper is scrap",
            },
        ];
    }

    /** @return BonusStop|null */
    private function stop(ShareOut $found): ?array
    {
        return $found->stop === null ? null : [
            'wants' => $found->stop->wants(),
            'outlook' => $found->stop->outlook(),
            // Taking other goods apart as well gives no further cards.
            'bound' => Bound::on($this->table->everythingApart()->after(...$found->cards))->says(),
        ];
    }

    private function used(Taking $taking): string
    {
        $component = $this->apart->components[$taking->component];
        $amount = match (true) {
            $taking->size !== null => ' '.$taking->size->format($this->apart->unit),
            $component->kind()->isByLength() => ' '.Wording::count($component, $taking->quantity, $this->apart->unit),
            $taking->quantity > 1 => ' × '.$taking->quantity,
            default => '',
        };

        return $component->name.$amount.(isset($this->apart->stash[$taking->component]) ? ' (stash)' : '');
    }
}
