<?php

namespace App\Tally;

use App\Models\Card;
use App\Table\CardRows;
use Illuminate\Support\Collection;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Occasion;

/**
 * The finished cards of all kits, the latest first, found by one line: "birthday sea 2026", "gatefold", "from stash".
 * Every word must match its occasion, fold, kit, papers and pieces, note, year, or the person who has it.
 *
 * @phpstan-type MadeRow object{
 *     id: int,
 *     occasion: string,
 *     fold: string,
 *     stars: int|null,
 *     notes: string,
 *     went_wrong: string,
 *     given_to: string,
 *     given_on: string|null,
 *     made_at: string,
 *     kit: string,
 *     theme: string,
 *     goods: string|null,
 *     is_from_stash: int|null,
 * }
 */
final readonly class CardsMade
{
    private const EACH_PAGE = 24;

    /** Two words with one meaning. */
    private const PHRASES = ['/from (the )?stash/', '/in hand/', '/([1-5]) stars?/'];

    /**
     * @param  Collection<int, Card>  $cards  of one page, with their takings and kits
     * @param  array<string, int>  $inHand  made and not given, by occasion
     */
    private function __construct(public Collection $cards, public int $found, public int $all, public int $pages, public array $inHand)
    {
    }

    public static function found(string $text, int $page): self
    {
        $line = (string) preg_replace(self::PHRASES, ['from-stash', 'in-hand', '$1-stars'], mb_strtolower(trim($text)));
        $words = array_values(array_filter(explode(' ', $line)));
        $rows = self::rows();
        $ids = [];
        $inHand = [];
        foreach ($rows as $row) {
            $said = self::said($row);
            if (self::has($said, $words)) {
                $ids[] = $row->id;
            }
            if (self::isInHand($row)) {
                $inHand[$row->occasion] = ($inHand[$row->occasion] ?? 0) + 1;
            }
        }
        $pages = max(1, intdiv(count($ids) + self::EACH_PAGE - 1, self::EACH_PAGE));
        $here = array_slice($ids, (min($page, $pages) - 1) * self::EACH_PAGE, self::EACH_PAGE);
        $places = array_flip($here);
        $cards = Card::query()->whereKey($here)->with(['takings', 'kit'])->get()
            ->sortBy(static fn (Card $card): int => $places[$card->id])->values();
        arsort($inHand);

        return new self($cards, count($ids), count($rows), $pages, $inHand);
    }

    /** @return list<MadeRow> plain rows: ten years of cards are many */
    private static function rows(): array
    {
        /** @var list<MadeRow> */
        return CardRows::of('cards.id, cards.occasion, cards.fold, cards.stars, cards.notes, cards.went_wrong, cards.given_to, '
            .'cards.given_on, cards.made_at, kits.name as kit, kits.theme, '
            .'max(components.kit_id != cards.kit_id) as is_from_stash')
            ->whereNotNull('cards.made_at')
            ->orderByDesc('cards.made_at')
            ->orderByDesc('cards.id')
            ->get()
            ->all();
    }

    /** @param  MadeRow  $row */
    private static function said(object $row): string
    {
        return mb_strtolower(implode(' ', [
            Occasion::of($row->occasion)->label(),
            str_replace('-', ' ', $row->fold).' '.FoldKind::from($row->fold)->value,
            $row->kit,
            $row->theme,
            $row->goods,
            $row->notes,
            $row->went_wrong,
            $row->given_to,
            substr($row->made_at, 0, 7),
            $row->stars === null ? '' : "$row->stars-stars",
            $row->is_from_stash ? 'from-stash' : '',
            self::isInHand($row) ? 'in-hand' : 'given',
        ]));
    }

    /** @param  MadeRow  $row */
    private static function isInHand(object $row): bool
    {
        return $row->given_to === '' && $row->given_on === null;
    }

    /** @param  list<string>  $words */
    private static function has(string $said, array $words): bool
    {
        foreach ($words as $word) {
            if (! str_contains($said, $word)) {
                return false;
            }
        }

        return true;
    }
}
