<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Table\Wanted;

/** Components to be saved as long as there is anything else. */
final class SavedAsked implements Asked
{
    public function look(Finished $out): array
    {
        $short = [];
        foreach ($out->table->components as $component) {
            if ($out->wishes->useOf($component->id) !== Wanted::Save) {
                continue;
            }
            $takes = static fn (Taking $taking): bool => $taking->component === $component->id
                && ($taking->size !== null || $taking->quantity > 0);
            $on = array_filter($out->cards, static fn (Card $card): bool => array_filter($card->takings, $takes) !== []);
            if ($on !== []) {
                $numbers = implode(', ', array_column($on, 'number'));
                $says = "$component->name, which you wanted saved, is on ".(count($on) === 1 ? 'card' : 'cards')." $numbers.";
                $short[] = Shortfall::of("saved $component->id", $says, 'Nothing else was found that would do as well there.');
            }
        }

        return $short;
    }
}
