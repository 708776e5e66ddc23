<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Table\Table;

/** A number of cards for an occasion. */
final class OccasionsAsked implements Asked
{
    public function look(Finished $out): array
    {
        $short = [];
        foreach ($out->wishes->occasions as $key => $many) {
            $occasion = Occasion::of($key);
            $have = $out->count(static fn (Card $card): bool => $card->occasion->equals($occasion));
            if ($have < $many) {
                $short[] = Shortfall::of("occasion $key", self::says($occasion, $have, $many), self::why($out, $occasion));
            }
        }

        return $short;
    }

    private static function says(Occasion $occasion, int $have, int $many): string
    {
        return $have === 0
            ? "No card for {$occasion->label()}, of the $many you asked for."
            : "Only $have of the $many cards for {$occasion->label()} you asked for.";
    }

    private static function why(Finished $out, Occasion $occasion): string
    {
        $label = $occasion->label();
        if (self::words($out->table, $occasion) === []) {
            $isInStash = self::words($out->table->asking($out->wishes->withStash()), $occasion) !== [];

            return "There are no words for $label".($isInStash ? ' in the kit; your stash has some.' : '.');
        }
        $left = array_filter(self::words($out->after, $occasion), static fn (Component $one): bool => self::maySayMore($out->after, $one));

        return match (true) {
            $left === [] => "All words for $label are used.",
            $out->isFull() => 'The other cards take what it would need.',
            default => "No further card with words for $label could be made of what is left.",
        };
    }

    /** @return list<Component> with words for it, which cards may take from */
    private static function words(Table $table, Occasion $occasion): array
    {
        return array_values(array_filter(
            $table->components,
            static fn (Component $one): bool => $table->offers($one->id) && $one->words()?->fit($occasion) === true,
        ));
    }

    private static function maySayMore(Table $table, Component $words): bool
    {
        $isLeft = $words->isEndless() || ($table->free[$words->id] ?? 0) > 0;

        return $isLeft && $table->mayBeSaid(mb_strtolower($words->words()->text ?? '')) > 0;
    }
}
