<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Design\Variety;
use KeepShare\Core\Pair\Fit;
use KeepShare\Core\Table\Table;

/** Why a part of a card has what it has, and what the next best would have been. */
final readonly class Why
{
    /** @param  list<string>  $says  each a sentence */
    private function __construct(public array $says, public ?Taking $next)
    {
    }

    /**
     * @param  Table  $table  as it lies without what the card takes
     * @param  list<string>  $cut  its parts that are cut
     */
    public static function of(Table $table, Card $card, string $part, array $cut = []): self
    {
        $taking = $card->taking($part);
        if ($taking === null) {
            return new self(['Nothing is taken here.'], null);
        }
        $laid = $card->layout($table->unit)->part($part);
        $surface = $table->surfaceOf($taking);
        $says = [];
        $main = $table->mainOf($card);
        $name = $table->components[$taking->component]->name;
        if ($surface !== null && $laid !== null) {
            $says[] = $main === null || $main->key === $surface->key
                ? "$name is the largest paper: the others are chosen to go with it."
                : self::fit($name, $table->components[$main->component]->name, Fit::between($main->face, $surface->face));
            if ($surface->face->busy) {
                $says[] = 'It is busy; what lies under the picture should be calm.';
            }
        }
        $variety = Variety::on($table);
        $used = $variety->ofComponent($taking->component);
        $says[] = match ($used) {
            0 => 'No other card takes from it.',
            1 => 'One other card takes from it.',
            default => "$used other cards take from it.",
        };
        $ways = array_values(
            array_filter(
                WaysOut::of($table, $card, $part, $cut),
                static fn (WayOut $way): bool => $way->taking !== null
                    && in_array($way->kind, ['best match', 'like it', 'near colour', 'other face'], true),
            ),
        );
        usort(
            $ways,
            static fn (WayOut $a, WayOut $b): int => ($a->kind !== 'best match') <=> ($b->kind !== 'best match'),
        );
        $next = $ways[0] ?? null;
        if ($next?->taking !== null) {
            $other = $table->surfaceOf($next->taking);
            $figure = $main !== null && $other !== null && $surface?->key !== $main->key
                    ? ', '.Fit::figure($main->face, $other->face).' of 100'
                    : '';
            $says[] = "Next best: $next->says$figure.";
        } else {
            $says[] = 'Nothing else that is left would do in its place.';
        }

        return new self($says, $next?->taking);
    }

    private static function fit(string $name, string $main, Fit $fit): string
    {
        return "$name goes with $main: $fit->figure of 100".($fit->reasons === [] ? '' : ' ('.implode(', ', $fit->reasons).')').'.';
    }
}
