<?php

declare(strict_types=1);

namespace KeepShare\Core\Compose;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Craft\CraftRules;
use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\GroupPiece;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Arrange\Room;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Part\BackingDiePart;
use KeepShare\Core\Card\Part\BowPart;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Table\Table;

/** A card with its papers, its picture and its words, before anything else is laid on it. */
final readonly class Canvas
{
    /**
     * @param  Card  $card  without small pieces and trimmings
     * @param  array<string, GroupPiece>  $stands  its picture and its words
     * @param  list<Colour>  $palette
     * @param  array<string, true>  $theme
     * @param  Colour|null  $ground  of what carries the picture; null where the base does
     * @param  array<string, true>  $busy  parts that show a busy paper
     * @param  bool  $isLevel  nothing on it stands up by a step
     * @param  array<string, Component>  $components  by id
     * @param  bool  $isFollowed  it is as the kit's maker shows it
     * @param  list<string>  $said  its words, in lower case
     */
    private function __construct(
        public Card $card,
        public Layout $layout,
        public Room $room,
        public array $stands,
        public array $palette,
        public array $theme,
        public ?Colour $ground,
        private array $busy,
        private bool $isLevel,
        private Unit $unit,
        private array $components,
        private bool $isFollowed,
        public array $said,
    ) {
    }

    public static function of(Card $card, Table $table): self
    {
        $kept = static fn (Taking $taking): bool => self::stays($taking->part);
        $bare = $card->fitted(array_values(array_filter($card->takings, $kept)));
        $layout = $card->layout($table->unit);
        $stands = CardGroup::stands($bare, Arrangement::none(), $table->components, $layout);
        [$palette, $theme, $busy, $said] = [[], [], [], []];
        foreach ($bare->takings as $taking) {
            $component = $table->components[$taking->component] ?? null;
            $surface = $table->surfaceOf($taking);
            $good = $component?->good;
            $busy += $surface?->face->busy === true ? [$taking->part => true] : [];
            $colours = $surface?->isPaper === true ? $surface->face->colours : [];
            $colours = $good instanceof Applied && $good->printed()->words === null ? $good->printed()->colours : $colours;
            array_push($palette, ...$colours);
            $words = $component?->words()?->text;
            $said = $words === null ? $said : [...$said, mb_strtolower($words)];
            foreach ([$component->name ?? '', $words ?? ''] as $text) {
                $theme += array_fill_keys(Liking::wordsOf($text), true);
            }
        }

        $isLevel = array_filter($layout->parts, static fn (Laid $laid): bool => $laid->top()->units >= Laid::STEP) === [];

        $under = $layout->under($layout->focal);
        $ground = $under === null ? null : $table->surfaceOf($bare->taking($under->part->id))?->face->ground();

        return new self(
            $bare,
            $layout,
            Room::on($layout),
            $stands,
            $palette,
            $theme,
            $ground,
            $busy,
            $isLevel,
            $table->unit,
            $table->components,
            $table->wishes->follows($card),
            $said,
        );
    }

    /** What the share-out has already chosen. The rest is chosen with the arrangement. */
    public static function stays(string $part): bool
    {
        $isOther = isset(Pieces::all()[$part]) && $part !== Pieces::FOCAL && $part !== Pieces::WORDS;

        return ! $isOther && $part !== GroupPart::ID && $part !== BackingDiePart::ID;
    }

    /**
     * Cards that get only a picture and words: a followed design, a moving fold, a window, or one piece over
     * everything.
     */
    public function isPlain(): bool
    {
        return $this->isFollowed
            || ! in_array($this->card->fold, [FoldKind::Side, FoldKind::Top], true)
            || $this->card->sketch->hasWindow()
            || $this->card->sketch->focus === Focus::Piece;
    }

    /**
     * The group with more pieces.
     *
     * @param  array<string, GroupPiece>  $more  by part
     */
    public function group(Arrangement $arrangement, array $more, int $trimmings = 0, bool $hasFoam = true): Group
    {
        $stands = [...$this->stands, ...$more];

        return Group::inRoom($arrangement, $this->room, $this->layout->front, $stands, $this->unit, $hasFoam, $trimmings);
    }

    /** Whether the picture (or the words, if there is none) lies directly on a busy paper, or across two heights. */
    public function isUnfit(Group $group): bool
    {
        $picture = $group->piece(Pieces::FOCAL);
        $isBusy = $picture !== null
            && array_intersect($picture->under, [Pieces::BACKING, Pieces::FRAME, Pieces::TAG]) === []
            && $this->isBusyUnder($picture);

        return $isBusy
            || $this->isInkAstray($group)
            || $this->hidesBow($group)
            || ($picture !== null && $this->rocks($picture))
            || $this->rocksUnderWords($group);
    }

    /** Stamped words stay on the part that the sketch keeps for them. Their ink may not show elsewhere. */
    private function isInkAstray(Group $group): bool
    {
        $words = $group->piece(Pieces::WORDS);
        if ($words?->stand->isInk !== true) {
            return false;
        }
        if ($group->piece(Pieces::FOCAL) !== null) {
            return ! in_array($words->spot->of, ['words', Pieces::FOCAL], true);
        }
        $rect = $words->rect();
        $ground = $this->layout->ground();
        $isOn = false;
        foreach ($this->layout->parts as $laid) {
            if ($laid === $ground) {
                $isOn = true;
            } elseif (($isOn || $ground === null) && $laid->rect->overlaps($rect)) {
                return true;
            }
        }

        return $ground !== null && ! $ground->rect->contains($rect);
    }

    /** A bow must be fully visible. */
    private function hidesBow(Group $group): bool
    {
        $knot = $this->card->taking(BowPart::ID) === null ? null : BowPart::knot($this->layout);

        return $knot !== null && array_filter($group->pieces, static fn (Placed $one): bool => $one->rect()->overlaps($knot)) !== [];
    }

    /** Whether no rule is broken and no required piece is missing. */
    public function isSound(Card $card): bool
    {
        $group = CardGroup::of($card, $this->layout, $this->components, $this->unit);

        return $group !== null && $group->gone() === [] && ! $this->isUnfit($group) && CraftRules::firstBroken($group) === null;
    }

    private function rocksUnderWords(Group $group): bool
    {
        $words = $group->piece(Pieces::WORDS);

        return $words !== null && ! $words->stand->isInk && $words->under === [] && $this->rocks($words);
    }

    /**
     * How well the small pieces match the card, on average: a shared colour, a shared theme, one large and some small.
     */
    public function holds(Card $card): int
    {
        $largest = ($this->stands[Pieces::FOCAL] ?? null)?->size->exactArea() ?? 0;
        $points = [];
        foreach ($card->takings as $taking) {
            $piece = self::stays($taking->part) ? null : $this->components[$taking->component] ?? null;
            $size = $piece?->printedSize();
            if ($piece !== null && $size !== null) {
                $points[] = Liking::of($piece, $this->palette, $this->theme) + ($size->exactArea() < $largest ? 6 : 0);
            }
        }

        return $points === [] ? 0 : intdiv(array_sum($points), count($points));
    }

    private function isBusyUnder(Placed $piece): bool
    {
        $under = $this->busy === [] ? null : $this->layout->under($piece->rect());

        return $under !== null && isset($this->busy[$under->part->id]);
    }

    private function rocks(Placed $piece): bool
    {
        return ! $this->isLevel && Laid::rocks($piece->rect(), $this->layout->parts);
    }
}
