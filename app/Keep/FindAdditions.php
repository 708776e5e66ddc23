<?php

namespace App\Keep;

use App\Cards\BonusCards;
use App\Jobs\Task;
use App\Models\Kit;
use App\Table\Search;
use App\Table\TableState;
use KeepShare\Core\Outlook\Addition;
use KeepShare\Core\Outlook\Outlook;
use KeepShare\Core\Share\Sharer;

/** What up to ten cards beyond the bonus cards lack. It is searched for when the shopping list is opened. */
final readonly class FindAdditions implements Task
{
    public function __construct(private BonusCards $bonus)
    {
    }

    /** @return list<Addition>|null */
    public static function found(Kit $kit): ?array
    {
        /** @var list<Addition>|null $found */
        $found = self::search($kit)->found();

        return $found;
    }

    public static function search(Kit $kit): Search
    {
        return Search::for('additions', $kit);
    }

    public function run(int $on): void
    {
        $kit = Kit::query()->findOrFail($on);
        self::search($kit)->run(function () use ($kit): array {
            $table = TableState::of($kit)->table(BonusCards::wishes($kit));
            $cards = $this->bonus->found($kit)->cards ?? Sharer::most($table->sparesApart());

            return Outlook::beyond($table->beyond(Outlook::FAR, ...$cards), Outlook::FAR)->additions ?? [];
        });
    }

    /** The page asks again. */
    public function brokeOff(int $on): void
    {
    }
}
