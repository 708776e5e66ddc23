<?php

namespace App\Keep;

use App\Cards\BonusCards;
use App\Models\Kit;
use App\View\MoneyView;
use App\View\Page;
use KeepShare\Core\Shop\ShoppingList;
use KeepShare\Core\Shop\ToBuy;

/**
 * What to buy for one, three, six or ten more cards, and for the whole set again.
 *
 * @phpstan-import-type Money from MoneyView
 *
 * @phpstan-type ShopLine array{
 *     component: string|null,
 *     says: string,
 *     lacks: string,
 *     or: string|null,
 *     price: string,
 *     cost: Money|null,
 * }
 * @phpstan-type ShopList array{key: string, title: string, lines: list<ShopLine>, sum: Money|null, unpriced: int}
 */
final readonly class KeepShoppingPage extends Page
{
    /** @param  list<ShopList>  $lists */
    private function __construct(
        public bool $hasCards,
        public bool $isLooking,
        public int $bonus,
        public ?string $currency,
        public array $lists,
    ) {
    }

    public static function of(Kit $kit, BonusCards $bonus): self
    {
        $hasCards = $kit->cards()->exists();
        if ($hasCards) {
            $bonus->look($kit);
        }
        $found = $hasCards ? $bonus->found($kit) : null;
        if ($found?->stop !== null) {
            FindAdditions::search($kit)->ask(FindAdditions::class);
        }
        $far = FindAdditions::found($kit);
        $shopping = Shopping::of($kit, $found, $far);

        return new self(
            $hasCards,
            $hasCards && ($found === null || ($found->stop !== null && $far === null)),
            count($found->cards ?? []),
            $kit->currency,
            array_map(static fn (ShoppingList $list): array => self::list($list, $shopping), $shopping->lists),
        );
    }

    /** @return ShopList */
    private static function list(ShoppingList $list, Shopping $shopping): array
    {
        return [
            'key' => $list->key,
            'title' => $list->title,
            'lines' => array_map(static fn (ToBuy $line): array => [
                'component' => $line->component,
                'says' => $line->says(),
                'lacks' => $line->lacks,
                'or' => $line->or,
                'price' => $shopping->price($line)?->amount() ?? '',
                'cost' => MoneyView::of($shopping->cost($line)),
            ], $list->lines),
            'sum' => MoneyView::of($shopping->sum($list)),
            'unpriced' => $shopping->unpriced($list),
        ];
    }
}
