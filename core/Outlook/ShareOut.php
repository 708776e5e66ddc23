<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Compose\Composer;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Table;

/** The cards that a table gives, and what stops the next. */
final readonly class ShareOut
{
    /**
     * @param  list<Card>  $cards  the new cards
     * @param  Stop|null  $stop  why there is no further card, or null when as many were made as asked for
     */
    private function __construct(public array $cards, public ?Stop $stop)
    {
    }

    /**
     * @param  (Closure(int, int): bool)|null  $goOn  told the cards made and wanted after each one; false stops and keeps what there is
     */
    public static function of(Table $table, ?Closure $goOn = null): self
    {
        $cards = Sharer::most($table, $goOn);

        $stop = count($cards) < $table->wishes->cards ? Outlook::beyond($table->after(...$cards)) : null;

        return new self(Composer::on($table, $cards), $stop);
    }

    /**
     * The same, with spares taken apart for the cards.
     *
     * @param  (Closure(int, int): bool)|null  $goOn  as above
     */
    public static function ofSparesToo(Table $table, ?Closure $goOn = null): self
    {
        $apart = $table->sparesApart();
        $cards = Sharer::most($apart, $goOn);

        $stop = count($cards) < $table->wishes->cards ? Outlook::beyond($table->beyond(Outlook::FAR, ...$cards)) : null;

        return new self(Composer::on($apart, $cards), $stop);
    }
}
