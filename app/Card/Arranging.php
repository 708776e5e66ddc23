<?php

namespace App\Card;

use App\Cards\Design;
use App\Cards\NoPlace;
use App\Cutting\IsCut;
use App\Journal\Journal;
use App\Models\Card;
use App\Models\OwnArrangement;
use App\Models\Taking;
use App\Table\TableState;
use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Spot;
use KeepShare\Core\Arrange\Turn;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Taking as CoreTaking;
use KeepShare\Core\Compose\Rearrange;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Sketch\Dim;

/**
 * Changes to the group of one card: another arrangement, and its pieces one by one. A changed arrangement is stored
 * with the card.
 */
final readonly class Arranging
{
    /** What can be done to a piece, by name: how far it moves right and down for each mark of the ruler. */
    private const NUDGES = ['right' => [1, 0], 'left' => [-1, 0], 'down' => [0, 1], 'up' => [0, -1]];

    /** Marks of the ruler. */
    private const FURTHEST = 64;

    public function __construct(private Journal $journal, private Design $design)
    {
    }

    /** @throws NoPlace where its pieces cannot be arranged so */
    public function in(Card $card, Arrangement $arrangement, ?int $revision): void
    {
        $table = TableState::of($card->kit)->tableWithout($card);
        $new = Rearrange::to($arrangement, $card->toCore(), $table) ?? throw NoPlace::arranged($arrangement->name, $card->number);
        $this->become($card, $new->card, "Arrange card $card->number: ".lcfirst($arrangement->name), $revision);
    }

    /**
     * Moves, tucks, turns or lifts one piece, or brings it before or behind another.
     *
     * @param  int  $by  marks of the ruler, or steps of five degrees
     *
     * @throws NoPlace where there is no such piece, or it lies free of all others and cannot be tucked
     */
    public function piece(Card $card, string $part, string $do, int $by, ?int $revision): void
    {
        $taking = $card->takings->firstWhere('part', $part) ?? throw NoPlace::piece($card->number);
        if ($do === 'drop') {
            $this->design->leaveOff($card, $taking, $revision);

            return;
        }
        $state = TableState::of($card->kit);
        $name = lcfirst($state->nameOf($taking->component_id));
        $core = $card->toCore();
        $old = $this->withSpot(self::arrangementOf($core), $part);
        $new = isset(self::NUDGES[$do]) ? $this->nudged($old, $card, $part, $do, $by) : match ($do) {
            'tuck' => $this->tucked($old, $core, $part, $by === 0 ? 1 : $by, $state),
            'forward', 'back' => $old->forward($part, array_column($core->takings, 'part'), $do === 'forward'),
            'upright' => $old->changing($part, static fn (Spot $spot): Spot => $spot->turned(0)),
            'turn' => $old->changing($part, static fn (Spot $spot): Spot => $spot->turned($spot->turn + $by * Turn::STEP)),
            'flat' => $old->changing($part, static fn (Spot $spot): Spot => $spot->lifted(false)),
            'lift' => $old->changing($part, static fn (Spot $spot): Spot => $spot->lifted()),
            'home' => $old->changing($part, static fn (Spot $spot): Spot => self::home($old, $spot)),
            default => abort(422),
        };
        $says = match ($do) {
            'tuck' => $by > 0 ? 'Tuck' : 'Pull out',
            'forward' => 'Bring forward',
            'back' => 'Send back',
            'turn', 'upright' => 'Turn',
            'flat' => 'Glue flat',
            'lift' => 'Lift',
            'home' => 'Put back',
            default => 'Move',
        };
        $foamed = Rearrange::foamed($core->arranged($new), $state->tableWithout($card));
        $this->become($card, $foamed, "$says the $name of card $card->number", $revision);
    }

    /**
     * Adds a piece where the arrangement has a place for it, or beside the others.
     *
     * @return string the part it is
     *
     * @throws NoPlace where there is none
     */
    public function add(Card $card, CoreComponent $component, ?int $revision): string
    {
        $core = $card->toCore();
        $arrangement = self::arrangementOf($core);
        $taken = array_column($core->takings, 'part');
        $open = array_filter(
            array_keys(Pieces::all()),
            static fn (string $part): bool => ! in_array($part, $taken, true) && Pieces::all()[$part][0]->admits($component),
        );
        // Prefers a place of the arrangement to a new one.
        usort($open, static fn (string $a, string $b): int => ($arrangement->spot($a) === null) <=> ($arrangement->spot($b) === null));
        $part = $open[0] ?? throw NoPlace::for($component->name, $card->number);
        $new = $core
            ->fitted([...$core->takings, CoreTaking::some($component->id, $part, 1)])
            ->arranged($this->withSpot($arrangement, $part));
        $this->become($card, $new, "Add $component->name to card $card->number", $revision);

        return $part;
    }

    /** Its arrangement. For a card without one, the arrangement nearest to its sketch. */
    public static function arrangementOf(CoreCard $card): Arrangement
    {
        return $card->arrangement ?? Arrangements::all()[$card->taking(Pieces::FOCAL) === null ? 'words-alone' : 'centred'];
    }

    /** The first part that is glued on and would move. Null if all of them stay. */
    public static function wouldMove(Card $card, CoreCard $new, TableState $state): ?string
    {
        $glued = $card->takings->whereNotNull('used_by')->pluck('part');
        if ($glued->isEmpty()) {
            return null;
        }
        [$now, $then] = [self::group($card->toCore(), $state), self::group($new, $state)];

        return $glued->first(
            static fn (string $part): bool => $now?->piece($part)?->lies() !== $then?->piece($part)?->lies(),
        );
    }

    private static function group(CoreCard $card, TableState $state): ?Group
    {
        return CardGroup::of($card, $card->layout($state->kit->unit), $state->core, $state->kit->unit);
    }

    private function withSpot(Arrangement $arrangement, string $part): Arrangement
    {
        return $arrangement->spot($part) === null ? $arrangement->and(Pieces::loose($part)) : $arrangement;
    }

    private function nudged(Arrangement $old, Card $card, string $part, string $do, int $by): Arrangement
    {
        $mark = $card->kit->unit->step()->units;
        [$right, $down] = self::NUDGES[$do];

        return $old->changing($part, static fn (Spot $spot): Spot => $spot->nudged($right * $by * $mark, $down * $by * $mark));
    }

    /**
     * Moves by some marks, or by more until it is visible, since a piece that was set in from the edge does not move at
     * first.
     *
     * @throws NoPlace where it is measured from no other piece
     */
    private function tucked(Arrangement $old, CoreCard $card, string $part, int $by, TableState $state): Arrangement
    {
        $measure = $old->spot($part)?->kind->tucks() ?? throw NoPlace::free($card->partName($part));
        $unit = $state->kit->unit;
        $group = static fn (Arrangement $one): ?Group => self::group($card->arranged($one), $state);
        $before = $group($old);
        $now = $before?->lengths($part)[$measure] ?? Length::zero();
        $at = $before?->piece($part);
        $most = $at?->stand->size->longer()->units ?? 0;
        $new = $old;
        for ($marks = $by; abs($marks) <= self::FURTHEST; $marks += $by <=> 0) {
            $units = max(0, min($most, $now->units + $marks * $unit->step()->units));
            $dim = Dim::exactly(Length::ofUnits($units));
            $new = $old->changing($part, static fn (Spot $one): Spot => $one->measuring($measure, $dim));
            $piece = $group($new)?->piece($part);
            if ([$piece?->x, $piece?->y] !== [$at?->x, $at?->y] || $units === 0 || $units === $most) {
                break;
            }
        }

        return $new;
    }

    /** The arrangement as it ships or was written. For any other, without what the maker has moved. */
    private static function home(Arrangement $old, Spot $spot): Spot
    {
        return (OwnArrangement::shelf()[$old->key] ?? null)?->spot($spot->id) ?? $spot->nudged(-$spot->right, -$spot->down);
    }

    /** @throws IsCut where something is glued on and would lie elsewhere */
    private function become(Card $card, CoreCard $new, string $name, ?int $revision): void
    {
        $moved = self::wouldMove($card, $new, TableState::of($card->kit));
        if ($moved !== null) {
            throw IsCut::used($card->partName($moved), $card->number);
        }
        $this->journal->act($card->kit, $name, $revision, function () use ($card, $new): void {
            $old = $card->toCore();
            $card->update(Card::keepsArranged($new->arrangement));
            $gone = $card->takings->filter(static fn (Taking $taking): bool => $taking->toCore() != $new->taking($taking->part));
            $this->design->exchange(
                $card,
                array_filter($new->takings, static fn (CoreTaking $taking): bool => $taking != $old->taking($taking->part)),
                $gone->all(),
            );
        });
    }
}
