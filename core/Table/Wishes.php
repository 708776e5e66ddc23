<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Refusal;

/** What the maker asks of a share-out. */
final readonly class Wishes
{
    public const MOST_CARDS = 60;

    /**
     * @param  int|null  $stashCards  how many cards may take from the stash; null for any number
     * @param  list<string>|null  $palette  keys of surfaces: component/face
     * @param  array<string, int>  $occasions  how many cards of an occasion are wanted, by its value
     * @param  int  $set  how many of each design are made
     * @param  array<string, int>  $folds  how many cards of a fold are wanted, by its value
     * @param  list<KitDesign>  $designs  of the kit, made before any others
     * @param  array<string, Wanted>  $uses  what is to be used up, saved or never used, by component
     */
    private function __construct(
        public int $cards,
        public bool $stash = false,
        public bool $repeatSentiments = false,
        public ?int $stashCards = null,
        public ?array $palette = null,
        public array $occasions = [],
        public int $set = 1,
        public array $uses = [],
        public bool $savesOne = false,
        public array $folds = [],
        public array $designs = [],
    ) {
    }

    /**
     * @param  bool  $stash  may take from the stash where the kit runs out
     * @param  bool  $repeatSentiments  the same words may go on more than one card
     *
     * @throws Refusal when the number of cards is out of range
     */
    public static function cards(int $cards, bool $stash = false, bool $repeatSentiments = false): self
    {
        return $cards < 1 || $cards > self::MOST_CARDS
            ? throw CannotShare::cards($cards, self::MOST_CARDS)
            : new self($cards, $stash, $repeatSentiments);
    }

    public static function asManyAsPossible(bool $stash = false, bool $repeatSentiments = false): self
    {
        return new self(self::MOST_CARDS, $stash, $repeatSentiments);
    }

    /** The same wishes for another number of cards. */
    public function forCards(int $cards): self
    {
        return $this->with(['cards' => $cards]);
    }

    /** The wishes for so many of the cards; no more of an occasion or a fold are asked for than there are to be cards. */
    public function asFarAs(int $cards): self
    {
        return $this->with(['cards' => $cards, 'occasions' => self::capped($this->occasions, $cards), 'folds' => self::capped($this->folds, $cards)]);
    }

    /**
     * The same wishes, with papers and cardstock from a palette only.
     *
     * @param  list<string>  $surfaces  keys of surfaces: component/face
     */
    public function from(array $surfaces): self
    {
        return $this->with(['palette' => $surfaces]);
    }

    /** No more than so many cards take from the stash. */
    public function stashFor(int $cards): self
    {
        return $this->with(['stashCards' => $cards]);
    }

    public function withStash(): self
    {
        return $this->with(['stash' => true]);
    }

    public function kitOnly(): self
    {
        return $this->with(['stash' => false]);
    }

    /**
     * @param  array<string, int>  $occasions  how many cards of each, by the value of the occasion
     *
     * @throws Refusal when more are asked for than there are to be cards
     */
    public function wanting(array $occasions): self
    {
        $known = array_filter(array_intersect_key($occasions, array_flip(array_column(Occasion::cases(), 'value'))), static fn (int $many): bool => $many > 0);

        return array_sum($known) > $this->cards ? throw CannotShare::occasions(array_sum($known), $this->cards) : $this->with(['occasions' => $known]);
    }

    /**
     * @param  array<string, int>  $folds  how many cards of each, by the value of the fold
     *
     * @throws Refusal when more are asked for than there are to be cards
     */
    public function folding(array $folds): self
    {
        $known = array_filter(array_intersect_key($folds, array_flip(array_column(FoldKind::onWish(), 'value'))), static fn (int $many): bool => $many > 0);

        return array_sum($known) > $this->cards ? throw CannotShare::folds(array_sum($known), $this->cards) : $this->with(['folds' => $known]);
    }

    /**
     * The kit's own designs are made first, as far as there is enough for them.
     *
     * @param  list<KitDesign>  $designs
     */
    public function following(array $designs): self
    {
        return $this->with(['designs' => $designs]);
    }

    public function follows(Card $card): bool
    {
        return array_filter($this->designs, $card->follows(...)) !== [];
    }

    /** Every design is made so many times, two or four, where there is enough for it. */
    public function inSetsOf(int $set): self
    {
        return $this->with(['set' => max(1, $set)]);
    }

    /** @param  array<string, Wanted>  $uses  by component */
    public function using(array $uses): self
    {
        return $this->with(['uses' => $uses]);
    }

    /** One of everything of which there are two or more stays as it is. */
    public function savingOne(): self
    {
        return $this->with(['savesOne' => true]);
    }

    public function allows(Surface $surface): bool
    {
        return $this->palette === null || in_array($surface->key, $this->palette, true);
    }

    public function useOf(string $component): Wanted
    {
        return $this->uses[$component] ?? Wanted::AsItComes;
    }

    /** @param  array{cards?: int, stash?: bool, stashCards?: int, palette?: list<string>, occasions?: array<string, int>, set?: int, uses?: array<string, Wanted>, savesOne?: bool, folds?: array<string, int>, designs?: list<KitDesign>}  $changes */
    private function with(array $changes): self
    {
        return new self(
            $changes['cards'] ?? $this->cards,
            $changes['stash'] ?? $this->stash,
            $this->repeatSentiments,
            $changes['stashCards'] ?? $this->stashCards,
            $changes['palette'] ?? $this->palette,
            $changes['occasions'] ?? $this->occasions,
            $changes['set'] ?? $this->set,
            $changes['uses'] ?? $this->uses,
            $changes['savesOne'] ?? $this->savesOne,
            $changes['folds'] ?? $this->folds,
            $changes['designs'] ?? $this->designs,
        );
    }

    /**
     * @param  array<string, int>  $many
     * @return array<string, int> the first of them, no more than $most in all
     */
    private static function capped(array $many, int $most): array
    {
        $capped = [];
        foreach ($many as $what => $count) {
            $capped[$what] = min($count, $most);
            $most -= $capped[$what];
        }

        return array_filter($capped);
    }
}
