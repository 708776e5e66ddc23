<?php

namespace App\Unpack;

use App\Models\Component;
use App\Models\Kit;
use App\Table\UpTo;
use App\View\GoodView;
use App\View\Page;
use App\Wording\Wording;

/**
 * The whole kit, line by line, to be corrected.
 *
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type CardsAtMost from UpTo
 * @phpstan-import-type ColourPlace from ColourPlaces
 *
 * @phpstan-type LineToCheck array{
 *     id: int,
 *     said: string,
 *     name: string,
 *     size: string, // "6 × 6"; empty where the kind has none
 *     count: string, // empty where nobody counts it, or it goes by length
 *     guesses: list<string>,
 *     good: string,
 *     colours: list<ColourPlace>,
 * }
 */
final readonly class CheckPage extends Page
{
    /**
     * @param  list<array{title: string, lines: list<LineToCheck>}>  $groups
     * @param  Goods  $goods
     * @param  CardsAtMost|null  $atMost  null where nothing is on the list
     */
    private function __construct(public array $groups, public int $guesses, public array $goods, public ?array $atMost)
    {
    }

    public static function of(Kit $kit): self
    {
        $lines = $kit->components()->get();
        $groups = Wording::grouped($lines, static fn (Component $line): array => self::line($line, $kit));
        $guesses = 0;
        foreach ($groups as $group) {
            $guesses += count(array_filter($group['lines'], static fn (array $line): bool => $line['guesses'] !== []));
        }

        return new self(
            $groups,
            $guesses,
            GoodView::all($lines->map(static fn (Component $line) => $line->toCore())),
            UpTo::of($kit),
        );
    }

    /** @return LineToCheck */
    private static function line(Component $line, Kit $kit): array
    {
        $core = $line->toCore();
        $size = $core->good->extent();
        $isCounted = ! $core->good->isPlenty() && ! $line->kind->isByLength();

        return [
            'id' => $line->id,
            'said' => str_replace('-', ' ', $line->kind->value),
            'name' => $line->name,
            'size' => $size === null ? '' : "{$size->width->exact($kit->unit)} × {$size->height->exact($kit->unit)}",
            'count' => $isCounted ? (string) $line->listed : '',
            'guesses' => $line->guesses,
            'good' => $line->coreId(),
            'colours' => ColourPlaces::of($line),
        ];
    }
}
