<?php

namespace App\People;

use App\Journal\Journal;
use App\Models\Card;
use App\Models\Component;
use App\Models\Day;
use App\Models\Kit;
use App\Models\Person;
use App\Models\PostLimit;
use App\Models\Setting;
use App\Table\CardsToGive;
use App\Table\ComingDays;
use App\View\ChoiceView;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Page;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\Thickness;
use KeepShare\Core\Giving\Coming;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/**
 * Who gets which card: the coming days, the cards that suit them, and the people.
 *
 * @phpstan-import-type Choice from ChoiceView
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type UndoRedo from Journal
 *
 * @phpstan-type CardToGive array{id: int, kit: string, number: int, front: Front, url: string, why: string, stands: string, post: string}
 * @phpstan-type ComingDay array{
 *     id: int,
 *     who: string,
 *     occasion: string,
 *     on: string,
 *     days: int, // from today
 *     send: string,
 *     isLate: bool,
 *     card: string|null, // which is meant for it
 *     isGiven: bool,
 * }
 * @phpstan-type ChosenDay array{id: int, title: string, likes: string, meant: CardToGive|null, cards: list<CardToGive>}
 * @phpstan-type PersonDay array{id: int, says: string}
 * @phpstan-type SomePerson array{id: int, name: string, likes: string, postDays: string, days: list<PersonDay>, has: string}
 * @phpstan-type Stock array{label: string, inHand: int, needed: int, isLow: bool}
 * @phpstan-type Limit array{id: int, name: string, thickness: string, isExample: bool}
 * @phpstan-type ReadDays array{token: string, name: string, days: list<string>, people: int, newDays: int, known: int, left: list<string>}
 */
final readonly class PeoplePage extends Page
{
    private const SUITABLE = 8;

    /**
     * @param  list<ComingDay>  $coming
     * @param  ChosenDay|null  $chosen
     * @param  string  $needs  "three birthday cards, one wedding card"; empty where every day has its card
     * @param  string  $toMake  what of them is neither made nor planned
     * @param  list<Stock>  $stock
     * @param  list<SomePerson>  $people
     * @param  list<Limit>  $limits
     * @param  list<Choice>  $kits  that could be shared out for them
     * @param  list<Choice>  $occasions
     * @param  ReadDays|null  $read  what a file has, before it is kept
     * @param  Goods  $goods
     * @param  UndoRedo  $shelf
     */
    private function __construct(
        public int $months,
        public array $coming,
        public ?array $chosen,
        public string $needs,
        public string $toMake,
        public array $stock,
        public array $people,
        public int $postDays,
        public array $limits,
        public array $kits,
        public array $occasions,
        public ?array $read,
        public array $goods,
        public array $shelf,
    ) {
    }

    public static function of(int $months, int $day, string $token, Journal $journal): self
    {
        $coming = ComingDays::within($months);
        $cards = CardsToGive::now();
        $needs = $coming->needs();
        [$chosen, $goods] = self::chosen($coming, $coming->find($day) ?? self::firstOpen($coming), $cards);
        $kits = Kit::query()->where(['is_stash' => false, 'is_deleted' => false, 'is_put_away' => false])->orderBy('id')->get();

        return new self(
            $months,
            array_map(static fn (Coming $one): array => self::coming($one, $coming->cards[$one->id] ?? null), $coming->coming),
            $chosen,
            $needs->says(),
            $needs->beyond($cards->free())->says(),
            self::stock($needs->counts, $cards->inHand()),
            self::people(),
            Setting::postDays(),
            self::limits(),
            array_values($kits->map(static fn (Kit $kit): array => ['key' => (string) $kit->id, 'label' => $kit->name])->all()),
            ChoiceView::occasions(),
            self::read($token),
            GoodView::all($goods),
            $journal->atHand(null),
        );
    }

    private static function firstOpen(ComingDays $coming): ?Coming
    {
        foreach ($coming->coming as $one) {
            if (! $one->hasCard) {
                return $one;
            }
        }

        return $coming->coming[0] ?? null;
    }

    /** @return ComingDay */
    private static function coming(Coming $one, ?Card $card): array
    {
        $today = CarbonImmutable::today();
        $given = $card?->given_on;
        $isGiven = $given !== null;

        return [
            'id' => $one->id,
            'who' => $one->who,
            'occasion' => $one->occasion->label(),
            'on' => $one->on->format('Y-m-d'),
            'days' => (int) $today->diff($one->on)->days,
            'send' => $given !== null ? 'given '.$given->format('j M') : $one->sendSays($today),
            'isLate' => ! $isGiven && $one->sendBy <= $today,
            'card' => $card === null ? null : "card $card->number of {$card->kit->name}",
            'isGiven' => $isGiven,
        ];
    }

    /** @return array{ChosenDay|null, array<string, CoreComponent>} with the goods its cards show */
    private static function chosen(ComingDays $coming, ?Coming $one, CardsToGive $free): array
    {
        if ($one === null) {
            return [null, []];
        }
        $day = $coming->days[$one->id];
        $meant = $coming->cards[$one->id] ?? null;
        $suitable = $meant === null ? $free->for($one, $day->person->likes, self::SUITABLE) : [];
        $cards = Card::query()->whereKey([...array_column($suitable, 'id'), $meant->id ?? 0])->with('takings', 'kit')->get()->keyBy('id');
        $ids = $cards->flatMap(static fn (Card $card) => $card->takings->pluck('component_id'))->unique()->all();
        $goods = [];
        foreach (Component::query()->whereKey($ids)->get() as $component) {
            $goods[$component->coreId()] = $component->toCore();
        }
        $shown = [];
        foreach ($suitable as $suiting) {
            $card = $cards->get($suiting['id']);
            if ($card !== null) {
                $liked = $suiting['suits']->liked;
                $shown[] = self::card($card, $goods, $liked === [] ? '' : 'has '.implode(', ', $liked));
            }
        }
        $is = $meant === null ? null : $cards->get($meant->id);

        return [[
            'id' => $one->id,
            'title' => "{$one->who}, {$one->occasion->label()}, ".$one->on->format('j F'),
            'likes' => $day->person->likes,
            'meant' => $is === null ? null : self::card($is, $goods, ''),
            'cards' => $shown,
        ], $goods];
    }

    /**
     * @param  array<string, CoreComponent>  $goods
     * @return CardToGive
     */
    private static function card(Card $card, array $goods, string $why): array
    {
        $core = $card->toCore();
        $thick = Thickness::of(CardInHand::of($core, $goods, $card->kit->unit, []));

        return [
            'id' => $card->id,
            'kit' => $card->kit->name,
            'number' => $card->number,
            'front' => FrontView::of($core, $goods, $card->kit->unit),
            'url' => "/kits/$card->kit_id/tally/cards#card-$card->number",
            'why' => $why,
            'stands' => $card->made_at === null ? 'not made yet' : '',
            'post' => PostLimit::post()->says($thick, $card->kit->unit),
        ];
    }

    /**
     * The cards that are ready for each occasion, and which occasions are low: fewer than the coming days need.
     *
     * @param  array<string, int>  $needed
     * @param  array<string, int>  $inHand
     * @return list<Stock>
     */
    private static function stock(array $needed, array $inHand): array
    {
        $stock = [];
        foreach (Occasions::all() as $occasion) {
            $has = $inHand[$occasion->value] ?? 0;
            $wants = $needed[$occasion->value] ?? 0;
            $stock[] = ['label' => $occasion->label(), 'inHand' => $has, 'needed' => $wants, 'isLow' => $has < $wants];
        }

        return $stock;
    }

    /** @return list<SomePerson> */
    private static function people(): array
    {
        $given = Card::query()
            ->where('given_to', '!=', '')
            ->groupBy('given_to')
            ->selectRaw('given_to, count(*) as n')
            ->pluck('n', 'given_to');
        $people = Person::query()->with('days')->orderBy('name')->get();

        return array_values($people->map(static function (Person $person) use ($given): array {
            $many = (int) $given->get($person->name);
            $days = $person->days->map(static fn (Day $day): array => [
                'id' => $day->id,
                'says' => "{$day->occasion->label()}, {$day->toCore()->says()}",
            ]);

            return [
                'id' => $person->id,
                'name' => $person->name,
                'likes' => $person->likes,
                'postDays' => (string) $person->post_days,
                'days' => array_values($days->all()),
                'has' => $many === 0 ? '' : "has $many ".($many === 1 ? 'card' : 'cards').' of yours',
            ];
        })->all());
    }

    /** @return list<Limit> */
    private static function limits(): array
    {
        return array_values(PostLimit::query()->orderBy('thickness')->get()->map(static fn (PostLimit $one): array => [
            'id' => $one->id,
            'name' => $one->name,
            'thickness' => Length::ofUnits($one->thickness)->exact(Unit::Millimetre),
            'isExample' => $one->is_example,
        ])->all());
    }

    /** @return ReadDays|null */
    private static function read(string $token): ?array
    {
        $kept = $token === '' ? null : Cache::get("days:$token");
        if (! is_array($kept) || ! ($kept['file'] ?? null) instanceof DayFile) {
            return null;
        }
        $file = $kept['file'];
        $new = KeepDays::newIn($file);

        return [
            'token' => $token,
            'name' => is_string($kept['name']) ? $kept['name'] : '',
            'days' => array_map(
                static fn (array $one): string => "{$one['who']}, {$one['occasion']->label()}: {$one['day']->says()}",
                array_slice($file->days, 0, 200),
            ),
            'people' => $new['people'],
            'newDays' => $new['days'],
            'known' => $new['known'],
            'left' => array_slice($file->left, 0, 100),
        ];
    }
}
