<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeepShare\Core\Giving\DayOfYear;
use KeepShare\Core\Kit\Occasion;

/**
 * A person's day: every year, or once.
 *
 * @property int $id
 * @property int $person_id
 * @property Occasion $occasion
 * @property int $month
 * @property int $day
 * @property int|null $year the year it is in; null where it comes every year
 * @property Person $person
 */
final class Day extends Record
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['occasion' => AsOccasion::class];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public function toCore(): DayOfYear
    {
        return DayOfYear::of($this->month, $this->day, $this->year);
    }

    /**
     * What a card stores that is meant for it.
     *
     * @return array{meant_for_id: int, meant_day_id: int, meant_on: DateTimeImmutable}|null null where it has been
     */
    public function meaning(): ?array
    {
        $on = $this->toCore()->nextFrom(CarbonImmutable::today());

        return $on === null ? null : ['meant_for_id' => $this->person_id, 'meant_day_id' => $this->id, 'meant_on' => $on];
    }

    /** @return Builder<Card> the cards that are meant for it, in the year in which it is next */
    public function meant(): Builder
    {
        $on = $this->toCore()->nextFrom(CarbonImmutable::today())?->format('Y-m-d') ?? '';

        return Card::query()->where('meant_day_id', $this->id)->whereDate('meant_on', $on)->with('kit');
    }

    /** Its cards are still meant for the person, without a day. */
    public function forget(): void
    {
        foreach (Card::query()->where('meant_day_id', $this->id)->get() as $card) {
            $card->update(['meant_day_id' => null, 'meant_on' => null]);
        }
        $this->delete();
    }
}
