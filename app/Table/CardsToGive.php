<?php

namespace App\Table;

use Carbon\CarbonImmutable;
use Closure;
use KeepShare\Core\Giving\Coming;
use KeepShare\Core\Giving\Suits;
use KeepShare\Core\Kit\Occasion;

/**
 * The cards of all kits that are free, by how well they suit a day. Finished ones come first.
 *
 * @phpstan-type ToGive array{id: int, isMade: bool, suits: Suits}
 * @phpstan-type GivableRow object{
 *     id: int,
 *     kit_id: int,
 *     occasion: string,
 *     stars: int|null,
 *     notes: string,
 *     made_at: string|null,
 *     theme: string,
 *     goods: string|null,
 * }
 */
final readonly class CardsToGive
{
    /** @param  list<GivableRow>  $rows */
    private function __construct(private array $rows)
    {
    }

    public static function now(): self
    {
        return new self(self::rows());
    }

    /** @return list<ToGive> */
    public function for(Coming $day, string $likes, int $most): array
    {
        $cards = [];
        foreach ($this->rows as $row) {
            $said = "$row->theme $row->goods $row->notes";
            $suits = Suits::of($day->occasion, $likes, Occasion::of($row->occasion), $said, $row->stars ?? 0);
            $cards[] = ['id' => $row->id, 'isMade' => $row->made_at !== null, 'suits' => $suits];
        }
        usort(
            $cards,
            static fn (array $a, array $b): int => [$b['suits']->isOfOccasion, $b['isMade'], $b['suits']->points, $a['id']]
                <=> [$a['suits']->isOfOccasion, $a['isMade'], $a['suits']->points, $b['id']],
        );

        return array_slice($cards, 0, $most);
    }

    /** @return array<string, int> how many are made and free, by occasion */
    public function inHand(): array
    {
        return $this->counted(static fn (object $row): bool => $row->made_at !== null);
    }

    /**
     * @param  int|null  $anew  a kit that is to be shared out again, whose planned cards may go
     * @return array<string, int> how many are free, made or planned, by occasion
     */
    public function free(?int $anew = null): array
    {
        return $this->counted(static fn (object $row): bool => $row->made_at !== null || $row->kit_id !== $anew);
    }

    /**
     * @param  Closure(GivableRow): bool  $counts
     * @return array<string, int>
     */
    private function counted(Closure $counts): array
    {
        return array_count_values(array_column(array_filter($this->rows, $counts), 'occasion'));
    }

    /** @return list<GivableRow> plain rows: ten years of cards are many */
    private static function rows(): array
    {
        /** @var list<GivableRow> */
        return CardRows::of('cards.id, cards.kit_id, cards.occasion, cards.stars, cards.notes, cards.made_at, kits.theme')
            ->where('cards.given_to', '')
            ->whereNull('cards.given_on')
            // A card meant for a past day, and not given, is free again.
            ->where(static fn ($meant) => $meant->whereNull('meant_for_id')->orWhere('meant_on', '<', CarbonImmutable::today()))
            ->get()
            ->all();
    }
}
