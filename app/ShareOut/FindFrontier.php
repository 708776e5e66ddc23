<?php

namespace App\ShareOut;

use App\Jobs\Task;
use App\Models\Kit;
use App\Models\KitWishes;
use App\Table\Search;
use App\Table\TableState;
use Closure;
use KeepShare\Core\Share\Frontier;
use KeepShare\Core\Table\Preferences;

/**
 * How many cards the whole kit gives, and how different they are. It is searched for in the background when it is asked
 * for.
 *
 * @phpstan-import-type Choice from Frontier
 */
final readonly class FindFrontier implements Task
{
    /** @return list<Choice>|null */
    public static function found(Kit $kit): ?array
    {
        /** @var list<Choice>|null $found */
        $found = self::search($kit)->found();

        return $found;
    }

    public static function search(Kit $kit): Search
    {
        // What was found under the older name has other fields.
        return Search::for('sorts of cards', $kit);
    }

    public function run(int $on): void
    {
        $kit = Kit::query()->findOrFail($on);
        $wishes = KitWishes::of($kit, Preferences::MOST_CARDS, $kit->uses_stash, KitWishes::words($kit));
        self::search($kit)->run(static function (Closure $goOn) use ($kit, $wishes): array {
            $state = TableState::of($kit);

            return Frontier::of($state->tableWith($state->fixed(), $wishes), $goOn);
        });
    }

    /** The page asks again. */
    public function brokeOff(int $on): void
    {
    }
}
