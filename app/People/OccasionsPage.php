<?php

namespace App\People;

use App\Journal\Journal;
use App\View\Page;
use KeepShare\Core\Kit\Occasions;

/**
 * The occasions there are, in the maker's order.
 *
 * @phpstan-import-type UndoRedo from Journal
 *
 * @phpstan-type SomeOccasion array{
 *     key: string,
 *     name: string,
 *     share: int,
 *     percent: int, // of the cards of a year, where every kit is asked for it
 *     usual: bool,
 *     isShipped: bool,
 * }
 */
final readonly class OccasionsPage extends Page
{
    /**
     * @param  list<SomeOccasion>  $occasions
     * @param  UndoRedo  $shelf
     */
    private function __construct(public array $occasions, public array $shelf)
    {
    }

    public static function now(Journal $journal): self
    {
        $fields = Occasions::fields();
        $all = array_sum(array_column(array_filter($fields, static fn (array $one): bool => $one['usual']), 'share'));

        return new self(
            array_map(static fn (array $one): array => [
                ...$one,
                'percent' => $one['usual'] ? (int) round(100 * $one['share'] / max(1, $all)) : 0,
                'isShipped' => Occasions::isShipped($one['key']),
            ], $fields),
            $journal->atHand(null),
        );
    }
}
