<?php

namespace App\Table;

use App\Models\Card;
use App\Models\Day;
use App\Models\Setting;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use KeepShare\Core\Giving\Coming;
use KeepShare\Core\Giving\Needs;

/** The days within some months, and the card that is meant for each. */
final readonly class ComingDays
{
    public const MONTHS = 3;

    /**
     * @param  list<Coming>  $coming  the soonest first
     * @param  array<int, Day>  $days  by id, with their people
     * @param  array<int, Card>  $cards  by the id of the day they are meant for, with their kits
     */
    private function __construct(public array $coming, public array $days, public array $cards)
    {
    }

    public static function within(int $months): self
    {
        $today = CarbonImmutable::today();
        $until = $today->addMonths($months);
        $post = Setting::postDays();
        $coming = $days = $cards = [];
        $meant = Card::query()->whereNotNull('meant_day_id')->where('meant_on', '>=', $today->format('Y-m-d'))->with('kit')->get();
        $byDay = $meant->groupBy('meant_day_id');
        foreach (Day::query()->with('person')->get() as $day) {
            $on = $day->toCore()->nextFrom($today);
            if ($on === null || $on > $until) {
                continue;
            }
            $card = self::cardOn($byDay->get($day->id), $on->format('Y-m-d'));
            $coming[] = Coming::on($day->id, $day->person->name, $day->occasion, $on, $day->person->postDays($post), $card !== null);
            $days[$day->id] = $day;
            if ($card !== null) {
                $cards[$day->id] = $card;
            }
        }
        usort($coming, static fn (Coming $a, Coming $b): int => [$a->on, $a->who, $a->id] <=> [$b->on, $b->who, $b->id]);

        return new self($coming, $days, $cards);
    }

    public function needs(): Needs
    {
        return Needs::of($this->coming);
    }

    /** The day with this id. Null if it does not come. */
    public function find(int $id): ?Coming
    {
        foreach ($this->coming as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }

        return null;
    }

    /** @param  Collection<int, Card>|null  $cards  that are meant for a day, in whatever year */
    private static function cardOn(?Collection $cards, string $on): ?Card
    {
        return $cards?->first(static fn (Card $card): bool => $card->meant_on?->format('Y-m-d') === $on);
    }
}
