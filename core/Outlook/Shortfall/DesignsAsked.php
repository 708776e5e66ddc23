<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Kit\KitDesign;

/** The kit's designs to be followed, each as often as intended. */
final class DesignsAsked implements Asked
{
    public function look(Finished $out): array
    {
        $short = [];
        foreach ($out->wishes->designs as $design) {
            $have = $out->count(static fn (Card $card): bool => $card->follows($design));
            if ($have < $design->makes) {
                $says = "The kit's design \"$design->name\" is made $have of {$design->makes} times.";
                $short[] = Shortfall::of("design $design->name", $says, self::why($out, $design));
            }
        }

        return $short;
    }

    private static function why(Finished $out, KitDesign $design): string
    {
        $gone = [];
        foreach ($design->takes as $take) {
            $component = $out->table->components[$take['component']] ?? null;
            $isLeft = $component !== null
                && $out->table->offers($component->id)
                && ($component->isEndless()
                    || ($out->after->free[$component->id] ?? 0) > 0
                    || ($out->after->stock[$component->id] ?? []) !== []);
            $gone = $isLeft ? $gone : [...$gone, $component->name ?? $take['component']];
        }

        return match (true) {
            $gone !== [] => 'There is no more of '.implode(' and ', array_unique($gone)).'.',
            $out->isFull() => 'No more cards were asked for.',
            default => 'What it takes cannot all be cut from what is left.',
        };
    }
}
