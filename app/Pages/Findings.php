<?php

namespace App\Pages;

use App\Models\Card;
use App\Models\Waiver;
use App\Table\TableState;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\Checks;
use KeepShare\Core\Check\Finding;
use KeepShare\Core\Check\Repair;
use KeepShare\Core\Check\SpreadGaps;

/** What the checks find on the cards of a kit, with what has been waved off. */
final readonly class Findings
{
    /**
     * @param  array<int, array<string, string>>  $waivers  why, by card and check
     * @param  array<int, CoreCard>  $cards  by id
     */
    private function __construct(private TableState $state, private array $waivers, private array $cards)
    {
    }

    public static function on(TableState $state): self
    {
        $waivers = [];
        foreach (Waiver::query()->whereIn('card_id', $state->cards->keys()->all())->get() as $waiver) {
            $waivers[$waiver->card_id][$waiver->check] = $waiver->why;
        }

        return new self($state, $waivers, $state->cards->map(static fn (Card $card): CoreCard => $card->toCore())->all());
    }

    /** @return list<array{check: string, says: string, repair: string, isHint: bool, why: string|null, repairs: list<array<string, mixed>>}> those still standing first; hints that are switched off are left out */
    public function of(Card $card): array
    {
        $hand = CardInHand::of($this->cards[$card->id], $this->state->core, $this->state->kit->unit, array_values($this->cards));
        $findings = array_map(fn (Finding $finding): array => [
            'check' => $finding->check,
            'says' => $finding->says,
            'repair' => $finding->repair,
            'isHint' => $finding->isHint,
            'why' => $this->waivers[$card->id][$finding->check] ?? null,
            'repairs' => array_map(static fn (Repair $repair): array => ['says' => $repair->says, 'does' => $repair->does, 'with' => $repair->with], $finding->repairs),
        ], array_values(array_filter(Checks::look($hand), fn (Finding $finding): bool => ! $finding->isHint || ! in_array($finding->check, $this->state->kit->muted, true))));
        usort($findings, static fn (array $a, array $b): int => [$a['why'] !== null, $a['isHint']] <=> [$b['why'] !== null, $b['isHint']]);

        return $findings;
    }

    /** How many are neither waved off nor a mere hint. */
    public function standing(Card $card): int
    {
        return count(array_filter($this->of($card), static fn (array $finding): bool => $finding['why'] === null && ! $finding['isHint']));
    }

    /** @return list<string> what is missing in the spread of all cards */
    public function gaps(): array
    {
        return SpreadGaps::of(array_values($this->cards), $this->state->cards->where('is_for_a_man', true)->count(), [...$this->state->kit->wanted, ...$this->state->kit->wishes['folds'] ?? []]);
    }
}
