<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use Closure;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Keep\Apart;
use KeepShare\Core\Kit\Component;

/**
 * Goods that no card can need any more as they are. A card takes at most one base, one envelope and one sentiment, so
 * no more of them are needed than cards can still be made. Words that may be used only once are needed once.
 *
 * So taking spares apart never costs a card.
 */
final readonly class Spare
{
    /** The mark after the id of what a component gives when it is taken apart. */
    private const MARK = '~';

    /** A share-out never cuts up more parts than this. The rest of a large count stays as it is. */
    private const MOST = 500;

    private function __construct(public Component $component, public int $count, public Apart $apart)
    {
    }

    /** A number of one component. Null if it gives nothing. */
    public static function of(Component $component, int $count): ?self
    {
        $apart = Apart::of($component);

        return $apart === null ? null : new self($component, $count, $apart);
    }

    /**
     * @param  int  $more  for so many cards more than can be made something is left whole
     * @return list<self> of the kit's own goods; the stash is left as it is
     */
    public static function on(Table $table, int $more = 0): array
    {
        // Paper is taken from other goods when it is short, so a shortage of paper does not make them spare.
        $most = Bound::byCount($table)->cards + $more;

        return self::beyond($table, static function (Component $component) use ($table, $most): int {
            $words = $component->words();

            return $words === null ? $most : min($most, $table->mayBeSaid(mb_strtolower($words->text)));
        });
    }

    /** @return list<self> whatever could be taken apart, needed or not */
    public static function all(Table $table): array
    {
        return self::beyond($table, static fn (): int => 0);
    }

    /**
     * @param  Closure(Component): int  $needed  how many of it cards may need
     * @return list<self>
     */
    private static function beyond(Table $table, Closure $needed): array
    {
        $spares = [];
        foreach ($table->components as $component) {
            $isOwn = ! isset($table->stash[$component->id]) && $table->offers($component->id);
            $spare = $isOwn ? self::of($component, 0) : null;
            $count = $spare === null ? 0 : min(self::MOST, ($table->free[$component->id] ?? 0) - $needed($component));
            if ($spare !== null && $count > 0) {
                $spares[] = $spare->taking($count);
            }
        }

        return $spares;
    }

    /** The same, with only some taken apart. */
    public function taking(int $count): self
    {
        return new self($this->component, $count, $this->apart);
    }

    /**
     * As many as some pieces are cut from.
     *
     * @param  list<Piece>  $pieces
     */
    public function neededFor(array $pieces): self
    {
        $sheets = count(Engine::plan($this->sheets(), $pieces)->sheets);

        return $this->taking(intdiv($sheets + $this->apart->each - 1, $this->apart->each));
    }

    /** What taking them apart gives, as a component of its own. */
    public function parts(): Component
    {
        return $this->apart->component($this->idApart(), $this->count);
    }

    /** @return list<Stock> */
    public function sheets(): array
    {
        $parts = $this->parts();

        return array_map(
            fn (int $n): Stock => Stock::offcut("$parts->id/$n", $this->apart->good->size()),
            $parts->count === 0 ? [] : range(1, $parts->count),
        );
    }

    public function idApart(): string
    {
        return $this->component->id.self::MARK;
    }

    /** The component that a part comes from, if the id is that of a part. */
    public static function sourceOf(string $id): ?string
    {
        return str_ends_with($id, self::MARK) ? substr($id, 0, -strlen(self::MARK)) : null;
    }
}
