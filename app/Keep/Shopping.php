<?php

namespace App\Keep;

use App\Models\Component;
use App\Models\Kit;
use App\Table\TableState;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Outlook\Addition;
use KeepShare\Core\Outlook\Outlook;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Shop\ShoppingList;
use KeepShare\Core\Shop\ToBuy;

/** What to buy for further cards of a kit, with the prices the maker knows. */
final readonly class Shopping
{
    /** @param  list<ShoppingList>  $lists */
    private function __construct(public Kit $kit, public TableState $state, public array $lists)
    {
    }

    /**
     * @param  ShareOut|null  $found  the bonus cards, which come before anything is bought; null while they are looked for
     * @param  list<Addition>|null  $far  what up to ten cards beyond those lack; null while that is looked for
     */
    public static function of(Kit $kit, ?ShareOut $found, ?array $far): self
    {
        $state = TableState::of($kit);
        $table = $state->table();
        $after = $found === null ? $table : $table->beyond(Outlook::FAR, ...$found->cards);
        $additions = $far ?? $found->stop->additions ?? [];
        $lists = array_map(static fn (Addition $one): ShoppingList => ShoppingList::more($after, $one), $additions);
        if ($found !== null && $found->stop === null) {
            // The search for bonus cards found its limit, so what is left is enough for those and for more.
            $lists[] = ShoppingList::nothing(count($found->cards));
        }
        $set = array_values($state->cards->where('is_bonus', false)->map(static fn ($card): CoreCard => $card->toCore())->all());
        if ($set !== []) {
            $lists[] = ShoppingList::again($table, $set);
        }

        return new self($kit, $state, $lists);
    }

    /** The price of one pack, if the maker has said so. */
    public function price(ToBuy $line): ?Price
    {
        $minor = $this->component($line)?->price_minor;

        return $minor === null || $this->kit->currency === null ? null : Price::of($minor, $this->kit->currency);
    }

    public function cost(ToBuy $line): ?Price
    {
        $each = $this->price($line);

        return $each === null ? null : Price::of($each->minor * $line->packs, $each->currency);
    }

    /** The total cost. Null if no price is known. */
    public function sum(ShoppingList $list): ?Price
    {
        $costs = array_filter(array_map($this->cost(...), $list->lines));
        $sum = array_sum(array_map(static fn (Price $cost): int => $cost->minor, $costs));

        return $costs === [] ? null : Price::of($sum, (string) $this->kit->currency);
    }

    /** How many lines have no price yet. */
    public function unpriced(ShoppingList $list): int
    {
        return count(array_filter($list->lines, fn (ToBuy $line): bool => $this->price($line) === null));
    }

    private function component(ToBuy $line): ?Component
    {
        return $line->component === null ? null : $this->state->components->get(Component::idOfCore($line->component));
    }
}
