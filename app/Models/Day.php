<?php

namespace App\Models;

use App\Journal\Journalled;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeepShare\Core\Kit\Occasion;

/**
 * A day of somebody's: every year, or once.
 *
 * @property int $id
 * @property int $person_id
 * @property Occasion $occasion
 * @property int $month
 * @property int $day
 * @property int|null $year the year it is in; null where it comes every year
 * @property Person $person
 */
final class Day extends Model
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['occasion' => Occasion::class];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** When it is next, from a day on; null where it has been. The 29th of February is kept on the 28th in other years. */
    public function nextFrom(CarbonImmutable $from): ?CarbonImmutable
    {
        if ($this->year !== null) {
            $on = $this->in($this->year);

            return $on->lessThan($from) ? null : $on;
        }
        $on = $this->in($from->year);

        return $on->lessThan($from) ? $this->in($from->year + 1) : $on;
    }

    private function in(int $year): CarbonImmutable
    {
        $month = CarbonImmutable::create($year, $this->month, 1) ?? CarbonImmutable::today();

        return $month->setDay(min($this->day, $month->daysInMonth));
    }

    /** "every 3 December", "3 December 2026" */
    public function says(): string
    {
        $on = $this->in($this->year ?? 2028);

        return $this->year === null ? 'every '.$on->format('j F') : $on->format('j F Y');
    }

    /** Its cards are meant for the person still, on no day. */
    public function forget(): void
    {
        foreach (Card::query()->where('meant_day_id', $this->id)->get() as $card) {
            $card->update(['meant_day_id' => null, 'meant_on' => null]);
        }
        $this->delete();
    }
}
