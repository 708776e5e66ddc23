<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Part\InsidePart;

/** A panel to write on in every card. */
final class InsidesAsked implements Asked
{
    public function look(Finished $out): array
    {
        $bare = $out->wishes->insides
            ? array_filter($out->cards, static fn (Card $card): bool => $card->taking(InsidePart::ID) === null)
            : [];
        if ($bare === []) {
            return [];
        }
        $numbers = implode(', ', array_column($bare, 'number'));
        $says = count($bare) === 1 ? "Card $numbers has no panel inside." : "Cards $numbers have no panel inside.";
        $why = $out->wishes->stashCards === null
            ? 'No light cardstock of that size is left.'
            : 'No light cardstock of that size is left in the kit.';

        return [Shortfall::of('insides', $says, $why)];
    }
}
