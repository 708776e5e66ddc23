<?php

namespace App\Tally;

use App\Models\Card;
use App\Models\CardPhoto;
use App\Models\Kit;
use App\Models\Person;
use App\Models\PostLimit;
use App\Models\StepMark;
use App\Table\ComingDays;
use App\Table\TableState;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Page;
use KeepShare\Core\Check\Thickness;
use KeepShare\Core\Giving\Coming;

/**
 * The maker's notes on each card of a kit, and who has it.
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
 *     meantDay: string, // the id of the day it is meant for
 *     post: string, // how thick it is, and what it goes as by post
 * }
 * @phpstan-type DayToMean array{id: string, label: string, card: int|null}
 */
final readonly class TallyCardsPage extends Page
{
    /**
     * @param  list<RememberedCard>  $cards
     * @param  list<DayToMean>  $days  that come within a year
     * @param  list<string>  $people  whom a card may be given to
     * @param  Goods  $goods
     */
    private function __construct(public array $cards, public array $days, public array $people, public array $goods)
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

        $people = array_values(Person::query()->orderBy('name')->get(['name'])->map(static fn (Person $one): string => $one->name)->all());

        return new self($cards, self::days(), $people, GoodView::all($state->core));
    }

    /** @return list<DayToMean> */
    private static function days(): array
    {
        $coming = ComingDays::within(12);

        return array_map(static fn (Coming $one): array => [
            'id' => (string) $one->id,
            'label' => "$one->who, {$one->occasion->label()}, ".$one->on->format('j F'),
            'card' => ($coming->cards[$one->id] ?? null)?->id,
        ], $coming->coming);
    }

    /** @return RememberedCard */
    private static function card(Card $card, TableState $state, ?int $photo, int $seconds): array
    {
        $thick = Thickness::of($state->inHand($card));

        return [
            'id' => $card->id,
            'number' => $card->number,
            'front' => FrontView::on($state, $card),
            'stands' => $card->made_at === null ? 'not made yet' : 'made '.$card->made_at->format('Y-m-d'),
            'photo' => $photo === null ? null : route('card-photos.show', $photo, false),
            'stars' => $card->stars ?? 0,
            'minutes' => (string) $card->minutes,
            'marked' => $seconds < 30 ? '' : (string) intdiv($seconds + 30, 60),
            'wentWrong' => $card->went_wrong,
            'notes' => $card->notes,
            'givenTo' => $card->given_to,
            'givenOn' => $card->given_on?->format('Y-m-d') ?? '',
            'meantDay' => (string) $card->meant_day_id,
            'post' => PostLimit::post()->says($thick, $state->kit->unit),
        ];
    }
}
