<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

use KeepShare\Core\Kit\Component;
use KeepShare\Core\Table\Wanted;

/** Components to be used up: no piece of them is left, and no sheet is whole. */
final class UsedUpAsked implements Asked
{
    public function look(Finished $out): array
    {
        $short = [];
        foreach ($out->table->components as $component) {
            $isAsked = $out->wishes->useOf($component->id) === Wanted::UseUp && ! $component->isEndless();
            $left = $isAsked ? self::left($out, $component) : null;
            if ($left !== null) {
                $short[] = Shortfall::of("used up $component->id", $left, $out->whyNoMore());
            }
        }

        return $short;
    }

    private static function left(Finished $out, Component $component): ?string
    {
        $counted = $out->after->free[$component->id] ?? 0;
        $opened = ($out->remains->plans()[$component->id] ?? null)?->sheetsOpened() ?? 0;
        $whole = count(array_filter($out->after->stock[$component->id] ?? [], static fn ($one): bool => $one->isWhole)) - $opened;

        return match (true) {
            $counted > 0 => "$counted of $component->name are left, which you wanted used up.",
            $whole > 0 => ($whole === 1 ? '1 sheet' : "$whole sheets")." of $component->name stay whole, which you wanted used up.",
            default => null,
        };
    }
}
