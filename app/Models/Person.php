<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A person who gets cards.
 *
 * @property int $id
 * @property string $name
 * @property string $likes words: colours, motifs, what they would not have
 * @property int|null $post_days how long the post takes there, where that is not as to others
 */
final class Person extends Record
{
    use Journalled;

    protected $guarded = [];

    /** @return HasMany<Day, $this> */
    public function days(): HasMany
    {
        return $this->hasMany(Day::class)->orderBy('month')->orderBy('day');
    }

    /** @param  int  $usually  how long it takes to others */
    public function postDays(int $usually): int
    {
        return $this->post_days ?? $usually;
    }

    /** Deletes the person with their days. Cards that were meant for them are free again. */
    public function forget(): void
    {
        foreach (Card::query()->where('meant_for_id', $this->id)->get() as $card) {
            $card->update(Card::FOR_NOBODY);
        }
        $this->days()->get()->each->delete();
        $this->delete();
    }
}
