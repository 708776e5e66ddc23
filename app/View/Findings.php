<?php

namespace App\View;

use App\Models\Card;
use App\Models\Waiver;
use App\Table\TableState;
use KeepShare\Core\Check\Checks;
use KeepShare\Core\Check\Finding as CoreFinding;
use KeepShare\Core\Check\Repair;
use KeepShare\Core\Check\SpreadGaps;

/**
 * What the checks find on the cards of a kit, with the ignored findings.
 *
 * @phpstan-type RepairChoice array{says: string, does: string, with: array<string, string|int>}
 * @phpstan-type Finding array{
 *     check: string,
 *     says: string,
 *     repair: string,
 *     isHint: bool,
 *     why: string|null, // why it is fine, where it has been waved off
 *     repairs: list<RepairChoice>,
 * }
 */
final readonly class Findings
{
    /** @param  array<int, array<string, string>>  $waivers  why, by card and check */
    private function __construct(private TableState $state, private array $waivers)
    {
    }

    public static function on(TableState $state): self
    {
        $waivers = [];
        foreach (Waiver::query()->whereIn('card_id', $state->cards->keys()->all())->get() as $waiver) {
            $waivers[$waiver->card_id][$waiver->check] = $waiver->why;
        }

        return new self($state, $waivers);
    }

    /** @return list<Finding> those still standing first; hints that are switched off are left out */
    public function of(Card $card): array
    {
        $kit = $this->state->kit;
        $isOn = static fn (CoreFinding $one): bool => ! $one->isHint || ! in_array($one->check, $kit->muted, true);
        $findings = array_map(
            fn (CoreFinding $one): array => $this->finding($one, $card),
            array_values(array_filter(Checks::look($this->state->inHand($card)), $isOn)),
        );
        usort($findings, static fn (array $a, array $b): int => [$a['why'] !== null, $a['isHint']] <=> [$b['why'] !== null, $b['isHint']]);

        return $findings;
    }

    /** @return Finding */
    private function finding(CoreFinding $finding, Card $card): array
    {
        return [
            'check' => $finding->check,
            'says' => $finding->says,
            'repair' => $finding->repair,
            'isHint' => $finding->isHint,
            'why' => $this->waivers[$card->id][$finding->check] ?? null,
            'repairs' => array_map(
                static fn (Repair $repair): array => ['says' => $repair->says, 'does' => $repair->does, 'with' => $repair->with],
                $finding->repairs,
            ),
        ];
    }

    /** How many are neither ignored nor hints. */
    public function standing(Card $card): int
    {
        return count(array_filter($this->of($card), static fn (array $one): bool => $one['why'] === null && ! $one['isHint']));
    }

    /** @return list<string> what is missing in the spread of all cards */
    public function gaps(): array
    {
        $kit = $this->state->kit;
        $forAMan = $this->state->cards->where('is_for_a_man', true)->count();

        return SpreadGaps::of($this->state->cores(), $forAMan, [...$kit->wanted, ...$kit->wishes['folds'] ?? []]);
    }
}
