<?php

namespace App\ShareOut;

use App\Cards\BonusCards;
use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\KitWishes;
use App\Models\Solution;
use App\Models\SolutionKind;
use App\Models\Taking;
use App\Table\Kept;
use App\Table\TableState;
use App\View\ChoiceView;
use App\View\Findings;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Later;
use App\View\Page;
use App\Wording\Wording;
use Closure;
use Illuminate\Support\Collection;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\WordsAgain;

/**
 * The grid of components and cards, with what is left.
 *
 * @phpstan-import-type Choice from ChoiceView
 * @phpstan-import-type Effects from WishEffects
 * @phpstan-import-type FoundFrontier from FrontierView
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type GridLine from GridRow
 * @phpstan-import-type CardChange from SolutionView
 * @phpstan-import-type SharedOut from SolutionView
 * @phpstan-import-type SolveUnderWay from SolveView
 * @phpstan-import-type Taste from TasteView
 *
 * @phpstan-type GridCard array{
 *     id: int,
 *     isBonus: bool,
 *     stands: string, // made, being made, cut, begun
 *     isPinned: bool,
 *     isShort: bool,
 *     findings: int,
 *     paper: string|null, // how much patterned paper it takes, where that binds
 *     front: Front,
 * }
 * @phpstan-type ShareOutlook array{
 *     cards: int,
 *     promised: int,
 *     bonus: int|null,
 *     wants: string|null,
 *     isLooking: bool,
 * }
 * @phpstan-type AskedFor array{effects: Effects, words: string, often: list<Choice>, cards: int, stash: bool, hasStash: bool}
 * @phpstan-type SetAside array{id: int, name: string}
 * @phpstan-type ProposedCards array{
 *     id: int,
 *     changes: list<CardChange>,
 *     shortfalls: list<string>, // what was asked for and is not met, each with its reason
 *     now: SharedOut,
 *     then: SharedOut,
 * }
 */
final readonly class ShareOutPage extends Page
{
    /**
     * Each prop is computed only if it is asked for, since the page polls during a search.
     *
     * @param  Closure(): list<GridCard>  $cards
     * @param  Closure(): list<array{title: string, lines: list<GridLine>}>  $groups
     * @param  Closure(): Goods  $goods
     * @param  Closure(): ShareOutlook  $outlook
     * @param  Closure(): AskedFor  $wishes
     * @param  Closure(): (SolveUnderWay|null)  $solve
     * @param  Closure(): FoundFrontier  $frontier
     * @param  Closure(): Taste  $taste
     * @param  Closure(): list<string>  $gaps
     * @param  Closure(): list<SetAside>  $asides
     * @param  Closure(): (ProposedCards|null)  $proposal
     */
    private function __construct(
        public Closure $cards,
        public Closure $groups,
        public Closure $goods,
        public Closure $outlook,
        public Closure $wishes,
        public Closure $solve,
        public Closure $frontier,
        public Closure $taste,
        public Closure $gaps,
        public Closure $asides,
        public Closure $proposal,
    ) {
    }

    public static function of(Kit $kit, BonusCards $bonus): self
    {
        $state = Later::of(static fn (): TableState => TableState::of($kit));
        $findings = Later::of(static fn (): Findings => Findings::on($state()));
        $shorts = Later::of(static fn (): array => $state()->shorts());
        $solve = Later::of(static fn (): ?array => SolveView::of($kit));

        return new self(
            static fn (): array => self::cards($state(), $findings(), $shorts()),
            static fn (): array => self::groups($state(), $shorts()),
            static fn (): array => GoodView::all($state()->core),
            static fn (): array => self::outlook($kit, $bonus, $solve),
            static fn (): array => self::wishes($state()),
            $solve,
            static fn (): array => FrontierView::of($kit),
            static fn (): array => TasteView::of($kit),
            static fn (): array => $findings()->gaps(),
            static fn (): array => self::asides($kit),
            static fn (): ?array => self::proposal($state()),
        );
    }

    /**
     * @param  array<int, Collection<int, Taking>>  $shorts  by component
     * @return list<GridCard>
     */
    private static function cards(TableState $state, Findings $findings, array $shorts): array
    {
        $short = collect($shorts)->flatten()->pluck('id', 'card_id');
        $isPaperScarce = WishEffects::isPaperScarce($state);

        /** @var list<GridCard> $cards */
        $cards = array_values($state->cards->map(
            static fn (Card $card): array => self::card($card, $state, $findings, $short->has($card->id), $isPaperScarce),
        )->all());

        return $cards;
    }

    /**
     * @param  array<int, Collection<int, Taking>>  $shorts  by component
     * @return list<array{title: string, lines: list<GridLine>}>
     */
    private static function groups(TableState $state, array $shorts): array
    {
        $offcuts = Kept::offcuts($state);
        $row = static fn (Component $one): array => GridRow::of(
            $one,
            $state,
            $offcuts[$one->id] ?? [],
            $shorts[$one->id] ?? new Collection,
        );

        return Wording::grouped($state->components->filter(static fn (Component $one): bool => self::concerns($one, $state)), $row);
    }

    /** @return GridCard */
    private static function card(Card $card, TableState $state, Findings $findings, bool $isShort, bool $isPaperScarce): array
    {
        return [
            'id' => $card->id,
            'isBonus' => $card->is_bonus,
            'stands' => $card->stands(),
            'isPinned' => $card->is_pinned,
            'isShort' => $isShort,
            'findings' => $findings->standing($card),
            'paper' => $isPaperScarce
                ? Wording::area(Areas::of($state->frontOf($card)->layout)[0], $state->kit->unit)
                : null,
            'front' => FrontView::on($state, $card),
        ];
    }

    /** The kit's own components, and those of the stash that a card takes from, without the tools. */
    private static function concerns(Component $component, TableState $state): bool
    {
        if ($component->kind === Kind::Tool) {
            return false;
        }
        $isOfCard = static fn (Taking $taking): bool => $state->cards->has($taking->card_id);

        return $component->kit_id === $state->kit->id || $state->takingsOf($component)->contains($isOfCard);
    }

    /**
     * @param  Closure(): (SolveUnderWay|null)  $solve
     * @return ShareOutlook
     */
    private static function outlook(Kit $kit, BonusCards $bonus, Closure $solve): array
    {
        $cards = $kit->cards()->count();
        $hasCards = $cards > 0;
        $found = $hasCards ? $bonus->found($kit) : null;
        if ($found === null && $hasCards && ($solve()['isUnderWay'] ?? false) === false) {
            $bonus->look($kit);
            $found = $bonus->found($kit);
        }

        return [
            'cards' => $cards,
            'promised' => $kit->promised,
            'bonus' => $found === null ? null : count($found->cards),
            'wants' => $found?->stop?->wants(),
            'isLooking' => $found === null && $hasCards,
        ];
    }

    /** @return AskedFor */
    private static function wishes(TableState $state): array
    {
        $kit = $state->kit;

        return [
            'effects' => WishEffects::of($state),
            'words' => KitWishes::words($kit)->value,
            'often' => ChoiceView::all(WordsAgain::cases(), static fn (WordsAgain $one): string => $one->label()),
            'cards' => max($state->cards->count(), $kit->promised, 1),
            'stash' => $kit->uses_stash,
            'hasStash' => $state->hasStash(),
        ];
    }

    /** @return list<SetAside> */
    private static function asides(Kit $kit): array
    {
        $asides = $kit->solutions->where('kind', SolutionKind::Aside);

        return array_values($asides->map(static fn (Solution $one): array => ['id' => $one->id, 'name' => $one->name])->all());
    }

    /** @return ProposedCards|null what the last solve found, as long as the table is as it was then */
    private static function proposal(TableState $state): ?array
    {
        $proposal = $state->kit->solutions->where('kind', SolutionKind::Proposed)->last();
        if ($proposal === null || $proposal->revision !== $state->kit->revision) {
            return null;
        }
        $now = $state->cores();
        $then = [...$state->cards->only($proposal->stays)->map($state->coreOf(...))->values()->all(), ...$proposal->toCore()];
        usort($then, static fn (CoreCard $a, CoreCard $b): int => $a->number <=> $b->number);

        return [
            'id' => $proposal->id,
            'changes' => SolutionView::changes($now, $then, $state),
            'shortfalls' => $proposal->asked['shortfalls'] ?? [],
            'now' => SolutionView::of($now, $state),
            'then' => SolutionView::of($then, $state),
        ];
    }
}
