<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Compose\Composer;
use KeepShare\Core\Design\Insides;
use KeepShare\Core\Outlook\Shortfall\AllAsked;
use KeepShare\Core\Outlook\Shortfall\Finished;
use KeepShare\Core\Outlook\Shortfall\Shortfall;
use KeepShare\Core\Share\LocalSearch;
use KeepShare\Core\Share\Replanned;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;

/**
 * A share-out from the first card to the last piece: as many cards as were asked for, improved one by one, arranged,
 * and with panels inside if they are wished for. It also says which wishes are not met.
 */
final readonly class FullShareOut
{
    /**
     * @param  Table  $table  without the cards; what they take of goods that are taken apart lies there apart
     * @param  list<Card>  $cards  by number
     */
    private function __construct(public Table $table, public array $cards)
    {
    }

    /**
     * @param  int  $steps  how many cards are taken off and made again, at most
     * @param  (Closure(int): bool)|null  $goOn  told how many cards there are; false stops and keeps those
     */
    public static function of(Table $table, int $steps, ?Closure $goOn = null): self
    {
        if ($table->wishes->cards < 1) {
            return new self($table, []);
        }
        $goOn ??= static fn (): bool => true;
        $found = Stretch::most($table, static fn (int $made): bool => $goOn($made));
        $table = $table->apartFor(...$found);
        $settled = LocalSearch::down($table, $found, $steps, static fn (): bool => $goOn(count($found)));
        $arranged = Composer::on($table, $settled);
        $arranged = Replanned::areAll($table, $arranged) ? $arranged : $settled;
        $lined = $table->wishes->insides ? Insides::lined($table, $arranged) : $arranged;

        return new self($table, Replanned::areAll($table, $lined) ? $lined : $arranged);
    }

    /**
     * Why there are no more cards, a line each: how certain that is, which wishes stand in the way, what the next card
     * needs, and what to add for more. If the limit for one share-out was reached, it says that.
     */
    public function whyNoMore(): string
    {
        if (count($this->cards) >= Preferences::MOST_CARDS) {
            return sprintf('No more than %d are shared out at once.', Preferences::MOST_CARDS);
        }
        $after = $this->table->after(...$this->cards);
        $stop = Outlook::beyond($after);
        $free = array_map(static fn (Relief $one): string => $one->says(), Relief::on($after));
        $says = [Bound::on($after->everythingApart())->says()];
        $says = $free === [] ? $says : [...$says, 'Without buying anything: '.implode('; ', $free).'.'];
        if ($stop === null) {
            $says[] = 'Another may be possible with fewer wishes (folds, sets, pictures, few alike).';

            return implode("\n", $says);
        }
        $additions = array_map(static fn (Addition $one): string => $one->says(), $stop->additions);

        return implode("\n", [
            ...$says,
            "Another needs {$stop->wants()}.",
            implode(' ', [$stop->outlook(), ...$additions === [] ? [] : ['To add for '.implode('; for ', $additions).'.']]),
        ]);
    }

    /** @return list<Shortfall> the wishes that are not met, each with its reason */
    public function shortfalls(): array
    {
        return AllAsked::of(Finished::of($this->table, $this->cards));
    }
}
