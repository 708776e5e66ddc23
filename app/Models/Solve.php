<?php

namespace App\Models;

use App\Database\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\WordsAgain;

/**
 * One share-out being worked out in the background.
 *
 * @property int $id
 * @property int $kit_id
 * @property int $cards
 * @property bool $uses_stash
 * @property WordsAgain $words
 * @property int|null $alike no more cards on one sketch
 * @property Least|null $least what every card must at least be; null as it is asked for with the kit
 * @property bool $is_anew cards that lack nothing are made anew too, not only those that are missing
 * @property int $revision
 * @property SolveState $state
 * @property int $done
 * @property string|null $message
 * @property list<string>|null $shortfalls what it does not give of what was asked for, each with its reason
 * @property string|null $worker the process that is at it; null until one has taken it up
 * @property Kit $kit
 */
final class Solve extends Record
{
    use InBackground;

    protected $guarded = [];

    protected $casts = [
        'uses_stash' => 'boolean',
        'words' => WordsAgain::class,
        'is_anew' => 'boolean',
        'least' => Least::class,
        'state' => SolveState::class,
        'shortfalls' => 'array',
    ];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** Everything that is asked for, apart from the number of cards, is stored with the kit. */
    public function wishes(int $cards): Preferences
    {
        $wishes = KitWishes::of($this->kit, $cards, $this->uses_stash, $this->words)->alike($this->alike);

        return $this->least === null ? $wishes : $wishes->atLeast($this->least);
    }
}
