<?php

declare(strict_types=1);

namespace KeepShare\Core\Compose;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\Craft\CraftRules;
use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\GroupPiece;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Silhouette;
use KeepShare\Core\Arrange\Spot;
use KeepShare\Core\Arrange\SpotKind;
use KeepShare\Core\Arrange\Stands;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Table\Many;
use KeepShare\Core\Table\Preferences;

/**
 * Lays pieces from a pool on one card, arrangement by arrangement. Required pieces come first, then the best match at
 * each place, as long as no rule of the craft is broken.
 */
final class Fitting
{
    /** How many pieces are tried for one place. */
    private const TRIED = 3;

    /** The value of one more piece: up to the wished number of pieces, and beyond it. */
    private const PIECE = 40;

    private const BEYOND = -15;

    /** @var array<string, int> how well a piece goes here, by component */
    private array $goes = [];

    private function __construct(
        private readonly Canvas $canvas,
        private readonly Pool $pool,
        private readonly Scraps $scraps,
        private readonly Preferences $wishes,
    ) {
    }

    public static function on(Canvas $canvas, Pool $pool, Scraps $scraps, Preferences $wishes): self
    {
        return new self($canvas, $pool, $scraps, $wishes);
    }

    /** Whether the front has what an arrangement is measured from, and the pool has the pieces it requires. */
    public function mayBe(Arrangement $arrangement): bool
    {
        $focus = $this->canvas->card->sketch->focus;
        if (! $this->canvas->room->suits($arrangement, isset($this->canvas->stands[Pieces::FOCAL]), $focus)) {
            return false;
        }
        if ($this->canvas->isPlain() && ! $arrangement->isAsSketched()) {
            return false;
        }
        foreach ($arrangement->spots as $spot) {
            $own = $this->canvas->stands[$spot->id] ?? null;
            // Only pieces that can stand are put on a strip of land.
            $isLying = $own !== null && $spot->kind === SpotKind::Standing && ($own->shape === null || ! Silhouette::stands($own->shape));
            if ($isLying || ($spot->isKey && $spot->stands !== Stands::Picture && ! $this->mayHave($spot))) {
                return false;
            }
        }

        return true;
    }

    /** How many ready-made frames, tags, borders and backings an arrangement has a place for. */
    public function extras(Arrangement $arrangement): int
    {
        $extras = 0;
        foreach ($arrangement->spots as $spot) {
            $isExtra = in_array($spot->stands, [Stands::Frame, Stands::Tag, Stands::Border, Stands::Backing], true);
            $extras += (int) ($isExtra && $this->isReady($spot));
        }

        return $extras;
    }

    private function isReady(Spot $spot): bool
    {
        return array_filter($this->pool->components, fn (Component $one): bool => $this->isOpenTo($spot, $one, [])) !== [];
    }

    private function mayHave(Spot $spot): bool
    {
        $isCut = in_array($spot->stands, [Stands::Backing, Stands::Border, Stands::Banner, Stands::Twine], true);

        return $isCut || $this->isReady($spot);
    }

    /**
     * The card with an arrangement. Null if a required piece is missing or does not fit.
     *
     * @param  int  $target  how many pieces it is to have
     */
    public function in(Arrangement $arrangement, int $target): ?Composition
    {
        [$stands, $takings] = [[], []];
        $word = Spelling::of($arrangement, $this->canvas->card->occasion, $this->pool);
        $spots = $arrangement->spots;
        usort($spots, static fn (Spot $a, Spot $b): int => $b->isKey <=> $a->isKey);
        foreach ($spots as $spot) {
            if (isset($this->canvas->stands[$spot->id])) {
                continue;
            }
            $isFull = $this->ready($stands) >= $target;
            // A second line of words is added where many pieces are wished for.
            if ($isFull && ! $spot->isKey && $spot->stands !== Stands::MoreWords) {
                continue;
            }
            $found = $spot->stands === Stands::Letter && $word === null
                ? null
                : $this->filled($spot, $arrangement, $stands, $takings, $word);
            foreach ($found === null && $spot->stands === Stands::MoreWords ? Arrangements::secondElsewhere() : [] as $other) {
                $elsewhere = $arrangement->changing($spot->id, static fn (): Spot => $other);
                $found = $this->filled($other, $elsewhere, $stands, $takings);
                if ($found !== null) {
                    $arrangement = $elsewhere;
                    break;
                }
            }
            if ($found === null && $spot->isKey) {
                return null;
            }
            if ($found !== null) {
                $stands[$spot->id] = $found[0];
                array_push($takings, ...$found[1]);
            }
        }
        [$stands, $takings] = $this->odd($arrangement, $stands, $takings);
        $group = $this->canvas->group($arrangement, $stands);

        return $group->gone() !== [] ? null : Composition::of(
            $arrangement,
            $stands,
            $takings,
            $this->ready($stands),
            $this->liking($stands, $target),
            $this->isSound($group, false),
        );
    }

    /** @param  bool  $isOpen  pieces may still come: an even number is no fault yet */
    private function isSound(Group $group, bool $isOpen): bool
    {
        return ! $this->canvas->isUnfit($group) && CraftRules::firstBroken($group, $isOpen) === null;
    }

    /**
     * The best match for a place, beside what is there already. Null if nothing fits.
     *
     * @param  array<string, GroupPiece>  $stands
     * @param  list<Taking>  $takings  what those take
     * @param  string|null  $word  that letters spell
     * @return array{GroupPiece, list<Taking>}|null
     */
    private function filled(Spot $spot, Arrangement $arrangement, array $stands, array $takings, ?string $word = null): ?array
    {
        // If two alike stand side by side, the first must be one of which there are two.
        $least = $spot->id === Pieces::small(1) && $arrangement->spot(Pieces::small(2))?->stands === Stands::Twin ? 2 : 1;
        $ready = array_filter($this->pool->components, fn (Component $one): bool => $this->pool->left($one->id) >= $least
            && ($spot->stands === Stands::Letter ? Spelling::isAt($one, $spot, $word) : $this->isOpenTo($spot, $one, $stands)));
        $likes = array_map($this->likes(...), $ready);
        array_multisort($likes, SORT_DESC, SORT_NUMERIC, array_keys($ready), $ready);
        foreach (array_slice($ready, 0, self::TRIED) as $component) {
            $taken = count(array_keys(array_column($stands, 'component'), $component->id, true));
            if ($this->pool->left($component->id) <= $taken) {
                continue;
            }
            $printed = $component->good instanceof Applied ? $component->good->printed() : null;
            $stand = $printed === null
                ? null
                : GroupPiece::whole($spot->id, Pieces::all()[$spot->id][0], $component->id, $component->name, $printed);
            if ($stand !== null && $this->stands($spot, $stand, $arrangement, $stands)) {
                return [$stand, [Taking::some($component->id, $spot->id, 1)]];
            }
        }
        // A piece is cut only if the arrangement requires it or something hangs from it.
        $isWanted = $spot->isKey || $spot->stands === Stands::Twine;
        $cut = $isWanted
            ? $this->scraps->for($spot->id, $spot->stands, $this->canvas, [...$this->canvas->stands, ...$stands], $takings)
            : null;

        return $cut !== null && $this->stands($spot, $cut[0], $arrangement, $stands) ? $cut : null;
    }

    /** @param  array<string, GroupPiece>  $stands */
    private function stands(Spot $spot, GroupPiece $stand, Arrangement $arrangement, array $stands): bool
    {
        $group = $this->canvas->group($arrangement, [...$stands, $spot->id => $stand]);
        $isOpen = $this->isSound($group, true);

        // A backing or a border may be needed by the picture, so such groups are checked as a whole at the end.
        return $isOpen || ($spot->isKey && $group->gone() !== []);
    }

    /** @param  array<string, GroupPiece>  $stands */
    private function isOpenTo(Spot $spot, Component $component, array $stands): bool
    {
        if ($this->pool->left($component->id) < 1 || ! $spot->stands->admits($component)) {
            return false;
        }
        $shape = $component->good instanceof Applied ? $component->good->printed()->shape : null;
        if ($spot->kind === SpotKind::Standing && ($shape === null || ! Silhouette::stands($shape) || Silhouette::floats($shape))) {
            return false;
        }
        if ($shape !== null && $spot->isAbove() && Silhouette::isGrounded($shape)) {
            return false;
        }
        if ($spot->stands === Stands::Twin) {
            return $component->id === ($stands[Pieces::small(1)]->component ?? $component->id);
        }
        $others = array_column([...$this->canvas->stands, ...$stands], 'component');

        return ! in_array($component->id, $others, true)
            && ($spot->stands !== Stands::MoreWords || $this->wishes->many === Many::Lots)
            && $this->suitsOccasion($component)
            && ! $this->saysAgain($component);
    }

    /** Everything with words, a second line or a tag, must suit the occasion of the card. */
    private function suitsOccasion(Component $component): bool
    {
        $words = $component->words();

        return $words === null || $words->fit($this->canvas->card->occasion);
    }

    /** Whether the card already says it, on another piece or by a stamp. */
    private function saysAgain(Component $component): bool
    {
        $text = $component->words()?->text;

        return $text !== null && in_array(mb_strtolower($text), $this->canvas->said, true);
    }

    /**
     * Pictures must be odd in number. With two or four, the last small one is left off.
     *
     * @param  array<string, GroupPiece>  $stands
     * @param  list<Taking>  $takings
     * @return array{array<string, GroupPiece>, list<Taking>}
     */
    private function odd(Arrangement $arrangement, array $stands, array $takings): array
    {
        $pictures = array_filter([...$this->canvas->stands, ...$stands], static fn (GroupPiece $one): bool => $one->stands->isPicture());
        if (count($pictures) % 2 === 1 || $pictures === []) {
            return [$stands, $takings];
        }
        foreach (array_reverse(array_keys($stands)) as $part) {
            $isLoose = $stands[$part]->stands === Stands::Small && $arrangement->spot($part)?->isKey !== true;
            if ($isLoose) {
                unset($stands[$part]);

                return [
                    $stands,
                    array_values(array_filter($takings, static fn (Taking $one): bool => $one->part !== $part)),
                ];
            }
        }

        return [$stands, $takings];
    }

    /**
     * How many pieces are on the card, with the picture and the words. Pieces cut for it and twine are not counted.
     *
     * @param  array<string, GroupPiece>  $stands
     */
    private function ready(array $stands): int
    {
        return count($this->canvas->stands)
            + count(array_filter($stands, fn (GroupPiece $one): bool => $this->pool->holds($one->component)));
    }

    /** @param  array<string, GroupPiece>  $stands */
    private function liking(array $stands, int $target): int
    {
        $many = $this->ready($stands);
        $liking = self::PIECE * min($many, $target) + self::BEYOND * max(0, $many - $target);
        foreach ($stands as $stand) {
            $liking += $this->goes[$stand->component] ?? 0;
        }

        return $liking;
    }

    /** Words for this occasion and few others come before words that suit any card. */
    private function meant(Component $component): int
    {
        $words = $component->words();

        return $words?->fit($this->canvas->card->occasion) === true ? intdiv(60, max(1, count($words->occasions))) : 0;
    }

    /**
     * How well a piece matches here, and how much it should be used. What there is most of, or is to be used up, comes
     * first.
     */
    private function likes(Component $component): int
    {
        $this->goes[$component->id] ??= Liking::of($component, $this->canvas->palette, $this->canvas->theme);

        return $this->goes[$component->id]
            + $this->meant($component)
            + 4 * min(3, $this->pool->left($component->id))
            + $this->wishes->useOf($component->id)->worth();
    }
}
