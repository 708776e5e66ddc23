<?php

namespace App\Card;

use App\Models\Card;
use App\Models\Kit;
use App\Models\OwnArrangement;
use App\Table\TableState;
use App\View\ChoiceView;
use App\View\Findings;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Page;
use App\Wording\Wording;
use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Compose\Rearrange;
use KeepShare\Core\Compose\Rearranged;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Table\Many;
use KeepShare\Core\Table\Table;

/**
 * All cards side by side, large enough to judge. The selected card shows its pieces with their measures from two edges,
 * and its other arrangements.
 *
 * @phpstan-import-type Box from GoodView
 * @phpstan-import-type Choice from ChoiceView
 * @phpstan-import-type Finding from Findings
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type ArrangedCard array{id: int, number: int, name: string, says: string, front: Front}
 * @phpstan-type ArrangedPiece array{
 *     id: string,
 *     part: string, // as it is said in a sentence
 *     name: string,
 *     of: string, // how many of it the kit has, and are left
 *     left: string,
 *     below: string,
 *     lies: string, // turned, lifted, tucked
 *     box: Box,
 *     isUsed: bool,
 *     mayTuck: bool,
 *     isLifted: bool,
 * }
 * @phpstan-type OtherArrangement array{key: string, name: string, leavesOff: string, isSound: bool, front: Front}
 * @phpstan-type CardInArrangement array{
 *     id: int,
 *     number: int,
 *     name: string,
 *     isChanged: bool,
 *     stands: string,
 *     pieces: list<ArrangedPiece>,
 *     more: list<Choice>,
 *     others: list<OtherArrangement>,
 *     next: string|null,
 *     findings: list<Finding>,
 * }
 */
final readonly class ArrangePage extends Page
{
    /** How many other arrangements are drawn. */
    private const OTHERS = 8;

    private const KINDS = [Kind::DieCut, Kind::Sticker];

    /**
     * @param  list<ArrangedCard>  $cards
     * @param  CardInArrangement|null  $inHand
     * @param  int  $used  die cuts and stickers that have found a card
     * @param  int  $all  that there are
     * @param  bool  $isAlike  two cards on one sketch are arranged alike, and are no set
     * @param  list<Choice>  $wishes  how many pieces a card is to have
     * @param  list<string>  $muted
     * @param  Goods  $goods
     */
    private function __construct(
        public array $cards,
        public ?array $inHand,
        public int $used,
        public int $all,
        public bool $isAlike,
        public string $many,
        public array $wishes,
        public array $muted,
        public array $goods,
    ) {
    }

    /** @param  int  $inHand  the id of a card; the first that is not begun where there is no such */
    public static function of(Kit $kit, int $inHand): self
    {
        $state = TableState::of($kit);
        $card = $state->cards->get($inHand)
            ?? $state->cards->first(static fn (Card $one): bool => ! $one->isBegun())
            ?? $state->cards->first();
        [$used, $all] = self::used($state);
        /** @var list<ArrangedCard> $cards */
        $cards = array_values($state->cards->map(static fn (Card $one): array => self::card($one, $state))->all());

        return new self(
            $cards,
            $card === null ? null : self::inHand($card, $state),
            $used,
            $all,
            self::isAlike($state),
            (Many::tryFrom($kit->wishes['pieces'] ?? '') ?? Many::Some)->value,
            ChoiceView::all(Many::cases(), static fn (Many $one): string => $one->says()),
            $kit->muted,
            GoodView::all($state->core),
        );
    }

    /** @return ArrangedCard */
    private static function card(Card $card, TableState $state): array
    {
        $core = $state->coreOf($card);
        $group = self::group($core, $state);
        $pieces = count($group->pieces ?? []);
        $trimmings = count($group->dots ?? []);
        $says = Wording::plural($pieces, 'piece').($trimmings === 0 ? '' : ' and '.Wording::plural($trimmings, 'trimming'));

        return [
            'id' => $card->id,
            'number' => $card->number,
            'name' => $core->arrangement->name ?? 'As its sketch has it',
            'says' => $group === null ? '' : $says,
            'front' => FrontView::on($state, $card),
        ];
    }

    /** @return CardInArrangement */
    private static function inHand(Card $card, TableState $state): array
    {
        $core = $card->toCore();
        $table = $state->tableWithout($card);
        $group = self::group($core->arranged(Arranging::arrangementOf($core)), $state);
        $others = array_values(array_filter(
            Rearrange::others($core, $table),
            static fn (Rearranged $one): bool => Arranging::wouldMove($card, $one->card, $state) === null,
        ));
        $shelf = OwnArrangement::shelf();
        $kept = $core->arrangement === null ? null : $shelf[$core->arrangement->key] ?? null;
        $pieces = array_map(
            static fn (Placed $piece): array => self::piece($piece, $card, $state, $table),
            array_values($group->pieces ?? []),
        );

        return [
            'id' => $card->id,
            'number' => $card->number,
            'name' => $core->arrangement->name ?? 'As its sketch has it',
            'isChanged' => $core->arrangement !== null && $core->arrangement != $kept,
            'stands' => $card->stands(),
            'pieces' => $pieces,
            'more' => self::more($core, $state, $table),
            'others' => array_map(
                static fn (Rearranged $one): array => self::other($one, $state),
                array_slice($others, 0, self::OTHERS),
            ),
            'next' => self::next($core, $others, array_keys($shelf)),
            'findings' => Findings::on($state)->of($card),
        ];
    }

    /** @return ArrangedPiece */
    private static function piece(Placed $piece, Card $card, TableState $state, Table $table): array
    {
        $unit = $state->kit->unit;
        $taking = $card->takings->firstWhere('part', $piece->part());
        $component = $state->core[$piece->stand->component];
        [$left, $below] = CardGroup::fromEdges($piece, $card->toFront());
        $free = max(0, ($table->free[$component->id] ?? 0) - 1);
        $isCounted = $component->good instanceof Applied;

        return [
            'id' => $piece->part(),
            'part' => $card->partName($piece->part()),
            'name' => $component->name,
            'of' => $isCounted ? Wording::plural($free, 'more', 'more').' left in the kit' : '',
            'left' => $left->label($unit),
            'below' => $below->label($unit),
            'lies' => self::lies($piece, $card),
            'box' => GoodView::box($piece->rect()),
            'isUsed' => $taking?->used_by !== null,
            'mayTuck' => $piece->spot->kind->tucks() !== null,
            'isLifted' => $piece->spot->isLifted,
        ];
    }

    /** "turned 30° · on foam · over the frame" */
    private static function lies(Placed $piece, Card $card): string
    {
        $on = array_map($card->partName(...), $piece->under);

        return implode(' · ', array_filter([
            $piece->spot->turn === 0 ? '' : "turned {$piece->spot->turn}°",
            match (true) {
                $piece->spot->isLifted && $piece->up > 0 => 'on foam',
                $piece->isShimmed => 'flat, with a shim under its low side',
                $piece->up > 0 => 'flat, on what is lifted',
                default => 'flat',
            },
            $piece->trim === null ? '' : 'trimmed flush',
            $on === [] ? '' : 'over the '.implode(' and the ', $on),
        ]));
    }

    /** @return list<Choice> what is left and could be added, by its name */
    private static function more(CoreCard $card, TableState $state, Table $table): array
    {
        $taken = array_column($card->takings, 'part');
        $open = array_diff_key(Pieces::all(), array_flip($taken));
        $more = [];
        foreach ($state->core as $component) {
            $own = count(array_keys(array_column($card->takings, 'component'), $component->id, true));
            $isOne = $component->good instanceof Applied
                && ($table->free[$component->id] ?? 0) > $own
                && array_filter($open, static fn (array $piece): bool => $piece[0]->admits($component)) !== [];
            if ($isOne) {
                $more[] = ['key' => $component->id, 'label' => $component->name];
            }
        }

        return $more;
    }

    /** @return OtherArrangement */
    private static function other(Rearranged $one, TableState $state): array
    {
        return [
            'key' => $one->card->arrangement->key ?? '',
            'name' => $one->card->arrangement->name ?? '',
            'leavesOff' => implode(', ', $one->leavesOff),
            'isSound' => $one->isSound,
            'front' => FrontView::of($one->card, $state->core, $state->kit->unit),
        ];
    }

    /**
     * The next arrangement in the list that breaks no rule and leaves nothing off.
     *
     * @param  list<Rearranged>  $others
     * @param  list<string>  $shelf  keys
     */
    private static function next(CoreCard $card, array $others, array $shelf): ?string
    {
        $good = array_filter($others, static fn (Rearranged $one): bool => $one->isSound && $one->leavesOff === []);
        $keys = array_map(static fn (Rearranged $one): string => $one->card->arrangement->key ?? '', $good);
        $at = array_search($card->arrangement?->key, $shelf, true);
        $turned = [...array_slice($shelf, (int) $at), ...array_slice($shelf, 0, (int) $at)];

        return array_values(array_intersect($turned, $keys))[0] ?? null;
    }

    /** @return array{int, int} die cuts and stickers of the kit that are on cards, and all there are */
    private static function used(TableState $state): array
    {
        [$used, $all] = [0, 0];
        foreach ($state->components as $component) {
            if ($component->kit_id === $state->kit->id && in_array($component->kind, self::KINDS, true)) {
                $all += $state->hereOf($component);
                $used += (int) $state->takingsOf($component)->sum('quantity');
            }
        }

        return [$used, $all];
    }

    private static function isAlike(TableState $state): bool
    {
        $seen = [];
        foreach ($state->cards as $card) {
            $key = "$card->sketch/$card->arrangement";
            if ($card->arrangement !== null && isset($seen[$key]) && ($card->set === null || $seen[$key] !== $card->set)) {
                return true;
            }
            $seen[$key] = $card->set ?? 0;
        }

        return false;
    }

    private static function group(CoreCard $card, TableState $state): ?Group
    {
        return CardGroup::of($card, $card->layout($state->kit->unit), $state->core, $state->kit->unit);
    }
}
