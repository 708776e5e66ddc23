<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Refusal;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Sketch\Sketch;

/**
 * What the maker asks of a share-out.
 *
 * Some wishes stay with a kit: the stash, what is never used or saved, the trimmer, the frame, the sketches. Others ask
 * for numbers in one share-out: cards, occasions, folds, designs, sets.
 */
final readonly class Preferences
{
    public const MOST_CARDS = 200;

    public const LARGEST_SET = 24;

    /**
     * @param  bool  $stash  may take from the stash where the kit runs out
     * @param  int|null  $stashCards  how many cards may take from the stash; null for any number
     * @param  list<string>|null  $palette  keys of surfaces: component/face
     * @param  array<string, int>  $occasions  how many cards of an occasion are wanted, by its value
     * @param  bool  $envelopes  no card is made without an envelope that takes it
     * @param  int  $set  how many of each design are made
     * @param  array<string, int>  $folds  how many cards of a fold are wanted, by its value
     * @param  list<KitDesign>  $designs  of the kit, made before any others
     * @param  array<string, Wanted>  $uses  what is to be used up, saved or never used, by component
     * @param  bool  $savesOne  one of everything of which there are two or more stays as it is
     * @param  Length|null  $frame  of the fronts of new cards, nothing where they are covered to the edge; null as the sketches have it
     * @param  list<string>  $sketchesOff  keys of sketches that no new card is laid on
     * @param  bool  $insides  every card gets a panel to write on
     * @param  int|null  $alike  no more cards, or sets of them, on one sketch; null for any number
     * @param  bool  $pictures  every card has a picture
     * @param  Least  $least  what every card must at least be
     * @param  bool  $wordless  some cards may go without words
     * @param  Many  $many  how many pieces a card is to have
     */
    private function __construct(
        public int $cards,
        public bool $stash = false,
        public WordsAgain $words = WordsAgain::WhenOut,
        public bool $envelopes = false,
        public ?int $stashCards = null,
        public ?array $palette = null,
        public array $occasions = [],
        public int $set = 1,
        public array $uses = [],
        public bool $savesOne = false,
        public array $folds = [],
        public array $designs = [],
        public ?Length $frame = null,
        public array $sketchesOff = [],
        public bool $insides = false,
        public ?int $alike = null,
        public bool $pictures = false,
        public Least $least = Least::Words,
        public bool $wordless = false,
        public Many $many = Many::Some,
        private ?Trimmer $trimmer = null,
    ) {
    }

    /**
     * @param  bool  $stash  may take from the stash where the kit runs out
     * @param  bool  $repeatSentiments  the same words may go on more than one card, though others are left
     *
     * @throws Refusal when the number of cards is out of range
     */
    public static function cards(int $cards, bool $stash = false, bool $repeatSentiments = false): self
    {
        return $cards < 1 || $cards > self::MOST_CARDS
            ? throw BadWish::cards($cards, self::MOST_CARDS)
            : new self($cards, $stash, $repeatSentiments ? WordsAgain::Freely : WordsAgain::WhenOut);
    }

    public static function asManyAsPossible(bool $stash = false, bool $repeatSentiments = false): self
    {
        return self::cards(self::MOST_CARDS, $stash, $repeatSentiments);
    }

    /** The same wishes for another number of cards. */
    public function forCards(int $cards): self
    {
        return $this->with(['cards' => $cards]);
    }

    /** The wishes that stay with the kit, for some more cards. Numbers were for the one share-out only. */
    public function beyond(int $cards): self
    {
        $inNumbers = ['occasions' => [], 'folds' => [], 'designs' => [], 'set' => 1, 'alike' => null, 'pictures' => false];

        return $this->with(['cards' => $cards, ...$inNumbers]);
    }

    /**
     * The same wishes, with only the papers and cardstock of a palette.
     *
     * @param  list<string>  $surfaces  keys of surfaces: component/face
     */
    public function from(array $surfaces): self
    {
        return $this->with(['palette' => $surfaces]);
    }

    /** At most this many cards take from the stash. */
    public function stashFor(?int $cards): self
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

    /** How often the same words may be used on cards that are not a set. */
    public function saying(WordsAgain $words): self
    {
        return $this->with(['words' => $words]);
    }

    /** Every card has an envelope that takes it. */
    public function inEnvelopes(bool $isMust = true): self
    {
        return $this->with(['envelopes' => $isMust]);
    }

    /**
     * @param  array<string, int>  $occasions  how many cards of each, by the value of the occasion
     *
     * @throws Refusal when more are asked for than there are to be cards
     */
    public function wanting(array $occasions): self
    {
        $known = self::known($occasions, Occasions::keys());

        return array_sum($known) > $this->cards
            ? throw BadWish::occasions(array_sum($known), $this->cards)
            : $this->with(['occasions' => $known]);
    }

    /**
     * @param  array<string, int>  $folds  how many cards of each, by the value of the fold
     *
     * @throws Refusal when more are asked for than there are to be cards
     */
    public function folding(array $folds): self
    {
        $known = self::known($folds, array_column(FoldKind::onWish(), 'value'));

        return array_sum($known) > $this->cards
            ? throw BadWish::folds(array_sum($known), $this->cards)
            : $this->with(['folds' => $known]);
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

    /** Every design is made this many times, up to two dozen, where there is enough for it. */
    public function inSetsOf(int $set): self
    {
        return $this->with(['set' => max(1, min($set, self::LARGEST_SET))]);
    }

    /** At most this many cards, or sets of them, use the same sketch. */
    public function alike(?int $most): self
    {
        return $this->with(['alike' => $most === null ? null : max(1, $most)]);
    }

    /** Every card has a picture. */
    public function withPictures(bool $isMust = true): self
    {
        return $this->with(['pictures' => $isMust]);
    }

    /** Every card is at least this. */
    public function atLeast(Least $least): self
    {
        return $this->with(['least' => $least]);
    }

    /** Some cards may have no words, if none are left. */
    public function wordless(bool $may = true): self
    {
        return $this->with(['wordless' => $may]);
    }

    /** Few, some or many pieces on a card. */
    public function pieces(Many $many): self
    {
        return $this->with(['many' => $many]);
    }

    /** @param  array<string, Wanted>  $uses  by component */
    public function using(array $uses): self
    {
        return $this->with(['uses' => $uses]);
    }

    /** One of everything stays, if there are two or more. */
    public function savingOne(bool $isSaved = true): self
    {
        return $this->with(['savesOne' => $isSaved]);
    }

    /** The width of the base that shows round new fronts. 0 for covered fronts, null for what the sketches say. */
    public function framed(?Length $frame): self
    {
        return $this->with(['frame' => $frame]);
    }

    public function trimmer(): Trimmer
    {
        return $this->trimmer ?? Trimmer::usual();
    }

    public function cutWith(Trimmer $trimmer): self
    {
        return $this->with(['trimmer' => $trimmer]);
    }

    /** @param  list<string>  $sketches  keys of those that no new card is laid on */
    public function without(array $sketches): self
    {
        return $this->with(['sketchesOff' => $sketches]);
    }

    /** Every card gets a panel to write on, as far as the stock lasts. */
    public function lined(bool $isLined = true): self
    {
        return $this->with(['insides' => $isLined]);
    }

    /**
     * The sketches that new cards may use. All of them if every one is switched off.
     *
     * @param  list<Sketch>  $shelf
     * @return list<Sketch>
     */
    public function sketchesOf(array $shelf): array
    {
        $on = array_filter($shelf, fn (Sketch $sketch): bool => ! in_array($sketch->key, $this->sketchesOff, true));
        $sketches = $on === [] ? $shelf : array_values($on);

        return array_values(array_filter(
            $sketches,
            fn (Sketch $one): bool => ($this->wordless || $one->focus !== Focus::PaperAlone)
                && ! ($this->pictures && $one->focus->isLean())
                && $this->least->allows($one),
        ));
    }

    public function allows(Surface $surface): bool
    {
        return $this->palette === null || in_array($surface->key, $this->palette, true);
    }

    public function useOf(string $component): Wanted
    {
        return $this->uses[$component] ?? Wanted::AsItComes;
    }

    /** Whether both wishes give the same table, so that only the numbers asked for differ. */
    public function laysAs(self $other): bool
    {
        return $this->savesOne === $other->savesOne
            && $this->frame == $other->frame
            && $this->trimmer() == $other->trimmer()
            && $this->pictures === $other->pictures
            && $this->least === $other->least
            && $this->wordless === $other->wordless
            && $this->sketchesOff === $other->sketchesOff;
    }

    /**
     * @param  array{
     *     cards?: int,
     *     stash?: bool,
     *     words?: WordsAgain,
     *     envelopes?: bool,
     *     stashCards?: int|null,
     *     palette?: list<string>,
     *     occasions?: array<string, int>,
     *     set?: int,
     *     uses?: array<string, Wanted>,
     *     savesOne?: bool,
     *     folds?: array<string, int>,
     *     designs?: list<KitDesign>,
     *     frame?: Length|null,
     *     sketchesOff?: list<string>,
     *     insides?: bool,
     *     alike?: int|null,
     *     pictures?: bool,
     *     least?: Least,
     *     wordless?: bool,
     *     many?: Many,
     *     trimmer?: Trimmer,
     * }  $changes
     */
    private function with(array $changes): self
    {
        $now = [
            'cards' => $this->cards,
            'stash' => $this->stash,
            'words' => $this->words,
            'envelopes' => $this->envelopes,
            'stashCards' => $this->stashCards,
            'palette' => $this->palette,
            'occasions' => $this->occasions,
            'set' => $this->set,
            'uses' => $this->uses,
            'savesOne' => $this->savesOne,
            'folds' => $this->folds,
            'designs' => $this->designs,
            'frame' => $this->frame,
            'sketchesOff' => $this->sketchesOff,
            'insides' => $this->insides,
            'alike' => $this->alike,
            'pictures' => $this->pictures,
            'least' => $this->least,
            'wordless' => $this->wordless,
            'many' => $this->many,
            'trimmer' => $this->trimmer,
        ];

        return new self(...[...$now, ...$changes]);
    }

    /**
     * @param  array<string, int>  $many
     * @param  list<string>  $names
     * @return array<string, int> those that there are, of which one at least is wanted
     */
    private static function known(array $many, array $names): array
    {
        return array_filter(array_intersect_key($many, array_flip($names)), static fn (int $count): bool => $count > 0);
    }
}
