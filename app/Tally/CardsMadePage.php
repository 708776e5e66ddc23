<?php

namespace App\Tally;

use App\Journal\Journal;
use App\Models\Card;
use App\Models\CardPhoto;
use App\Models\Component;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Page;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\Occasion;

/**
 * The cards of all kits, by their fronts or photographs.
 *
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type UndoRedo from Journal
 *
 * @phpstan-type MadeCard array{
 *     id: int,
 *     url: string,
 *     front: Front,
 *     photo: string|null,
 *     kit: string,
 *     stars: int,
 *     made: string,
 *     given: string,
 * }
 * @phpstan-type InHand array{label: string, cards: int}
 */
final readonly class CardsMadePage extends Page
{
    /**
     * @param  list<MadeCard>  $cards
     * @param  list<InHand>  $inHand  how many are made and not given, by occasion
     * @param  Goods  $goods
     * @param  UndoRedo  $shelf
     */
    private function __construct(
        public string $find,
        public array $cards,
        public int $found,
        public int $all,
        public int $page,
        public int $pages,
        public array $inHand,
        public array $goods,
        public array $shelf,
    ) {
    }

    public static function of(string $find, int $page, Journal $journal): self
    {
        $made = CardsMade::found($find, $page);
        $photos = CardPhoto::query()->whereIn('card_id', $made->cards->pluck('id'))->pluck('id', 'card_id')->all();
        $core = self::components($made);
        $cards = $inHand = [];
        foreach ($made->cards as $card) {
            $photo = $photos[$card->id] ?? null;
            $cards[] = self::card($card, $core, is_numeric($photo) ? (int) $photo : null);
        }
        foreach ($made->inHand as $occasion => $many) {
            $inHand[] = ['label' => Occasion::of($occasion)->label(), 'cards' => $many];
        }

        return new self(
            $find,
            $cards,
            $made->found,
            $made->all,
            min($page, $made->pages),
            $made->pages,
            $inHand,
            GoodView::all($core),
            $journal->atHand(null),
        );
    }

    /** @return array<string, CoreComponent> what the cards of the page take, by id */
    private static function components(CardsMade $made): array
    {
        $ids = $made->cards->flatMap(static fn (Card $card) => $card->takings->pluck('component_id'))->unique();
        $core = [];
        foreach (Component::query()->whereKey($ids->values()->all())->get() as $component) {
            $core[$component->coreId()] = $component->toCore();
        }

        return $core;
    }

    /**
     * @param  array<string, CoreComponent>  $core
     * @return MadeCard
     */
    private static function card(Card $card, array $core, ?int $photo): array
    {
        $given = $card->given_to === '' ? '' : "given to $card->given_to";

        return [
            'id' => $card->id,
            'url' => "/kits/$card->kit_id/tally/cards#card-$card->number",
            'front' => FrontView::of($card->toCore(), $core, $card->kit->unit),
            'photo' => $photo === null ? null : route('card-photos.show', $photo, false),
            'kit' => $card->kit->name,
            'stars' => $card->stars ?? 0,
            'made' => $card->made_at?->format('Y-m') ?? '',
            'given' => $given === '' && $card->given_on !== null ? 'given' : $given,
        ];
    }
}
