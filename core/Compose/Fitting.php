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
 * Lays pieces out of a pool on one card, arrangement by arrangement: first what it cannot do without, then one after the other
 * what goes best, as long as no rule of the craft is broken.
 */
final class Fitting
{
    /** So many pieces are tried for one place. */
    private const TRIED = 3;

    /** What a piece is worth by itself: up to as many as the card is to have, and beyond. */
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

    /** Whether a front has what an arrangement is measured from, and the pool what it cannot do without. */
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
            // Only what stands by itself stands on a ground.
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
     * The card in an arrangement; null where what it cannot do without is not to be had, or does not fit.
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
            // A second line of words comes on top, where many pieces are wished for.
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
     * What goes best at a place with what stands there already; null where nothing does.
     *
     * @param  array<string, GroupPiece>  $stands
     * @param  list<Taking>  $takings  what those take
     * @param  string|null  $word  that letters spell
     * @return array{GroupPiece, list<Taking>}|null
     */
    private function filled(Spot $spot, Arrangement $arrangement, array $stands, array $takings, ?string $word = null): ?array
    {
        // Where two alike stand side by side, the first is one of which there are two.
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
        // What is cut for it comes only where the arrangement cannot do without, or hangs something from it.
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

        // A backing or a border may be what the picture still wanted: then it is looked at as a whole in the end.
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

    /** Whatever says something, be it a second line or a tag, says what is fit for the occasion of the card. */
    private function suitsOccasion(Component $component): bool
    {
        $words = $component->words();

        return $words === null || $words->fit($this->canvas->card->occasion);
    }

    /** The card says it already, in words of another piece or by a stamp. */
    private function saysAgain(Component $component): bool
    {
        $text = $component->words()?->text;

        return $text !== null && in_array(mb_strtolower($text), $this->canvas->said, true);
    }

    /**
     * Pictures by the odd number: where there are two or four the last small one is left off.
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
     * How many pieces lie there, the picture and the words among them; what is cut for it and twine are extra.
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

    /** Words that are for this occasion, and for few others, come before those that could be said on any card. */
    private function meant(Component $component): int
    {
        $words = $component->words();

        return $words?->fit($this->canvas->card->occasion) === true ? intdiv(60, max(1, count($words->occasions))) : 0;
    }

    /** How well a piece goes here, and how willingly it is taken: what there is most of, and what is to be used up, first. */
    private function likes(Component $component): int
    {
        $this->goes[$component->id] ??= Liking::of($component, $this->canvas->palette, $this->canvas->theme);

        return $this->goes[$component->id]
            + $this->meant($component)
            + 4 * min(3, $this->pool->left($component->id))
            + $this->wishes->useOf($component->id)->worth();
    }
}
