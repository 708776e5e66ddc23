<?php

namespace App\Pages;

use App\Models\Card;
use App\Models\CardPhoto;
use App\Models\Kit;
use App\Models\StepMark;
use App\Table\TableState;

/**
 * What the maker remembers of each card of a kit, and who has it.
 *
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type RememberedCard array{
 *     id: int,
 *     number: int,
 *     front: Front,
 *     stands: string,
 *     photo: string|null,
 *     stars: int,
 *     minutes: string,
 *     marked: string, // the minutes that were marked on Make, where the maker has written none
 *     wentWrong: string,
 *     notes: string,
 *     givenTo: string,
 *     givenOn: string,
 * }
 */
final readonly class TallyCardsPage extends Page
{
    /**
     * @param  list<RememberedCard>  $cards
     * @param  Goods  $goods
     */
    private function __construct(public array $cards, public array $goods)
    {
    }

    public static function of(Kit $kit): self
    {
        $state = TableState::of($kit);
        $photos = CardPhoto::query()->whereIn('card_id', $state->cards->keys())->pluck('id', 'card_id');
        $seconds = StepMark::query()
            ->whereIn('card_id', $state->cards->keys())
            ->groupBy('card_id')
            ->selectRaw('card_id, sum(seconds) as n')
            ->pluck('n', 'card_id');
        $cards = [];
        foreach ($state->cards as $card) {
            $photo = $photos->get($card->id);
            $cards[] = self::card($card, $state, is_numeric($photo) ? (int) $photo : null, (int) $seconds->get($card->id));
        }

        return new self($cards, GoodView::all($state->core));
    }

    /** @return RememberedCard */
    private static function card(Card $card, TableState $state, ?int $photo, int $seconds): array
    {
        return [
            'id' => $card->id,
            'number' => $card->number,
            'front' => FrontView::of($card->toCore(), $state->core, $state->kit->unit),
            'stands' => $card->made_at === null ? 'not made yet' : 'made '.$card->made_at->format('Y-m-d'),
            'photo' => $photo === null ? null : route('card-photos.show', $photo, false),
            'stars' => $card->stars ?? 0,
            'minutes' => (string) $card->minutes,
            'marked' => $seconds < 30 ? '' : (string) intdiv($seconds + 30, 60),
            'wentWrong' => $card->went_wrong,
            'notes' => $card->notes,
            'givenTo' => $card->given_to,
            'givenOn' => $card->given_on?->format('Y-m-d') ?? '',
        ];
    }
}
