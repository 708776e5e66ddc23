<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wanted;

/** What the cards so far have used, so that the next one differs and the occasions spread. */
final class Variety
{
    /** A whole number that can be divided by every number of occasions that words fit. */
    private const SHARE = 12;

    /** @var array<string, int> sketches, surfaces, components and words, by key */
    private array $used = [];

    /** @var array<string, int> */
    private array $occasions = [];

    private int $cards = 0;

    private string $lastSketch = '';

    /** @param  array<string, Component>  $components */
    private function __construct(private readonly array $components)
    {
    }

    public static function on(Table $table): self
    {
        $variety = new self($table->components);
        foreach ($table->cards as $card) {
            $variety->add($card);
        }

        return $variety;
    }

    public function add(Card $card): void
    {
        $this->cards++;
        $this->lastSketch = $card->sketch->key;
        $this->occasions[$card->occasion->value] = ($this->occasions[$card->occasion->value] ?? 0) + 1;
        $this->count("sketch:{$card->sketch->key}");
        $this->count(self::likenessOf($card));
        $this->count("fold:{$card->fold->value}");
        $this->count($card->front->isLying() ? 'way:lying' : 'way:upright');
        foreach ($card->takings as $taking) {
            $this->count("component:$taking->component");
            if ($taking->size !== null) {
                $this->count("surface:$taking->component/$taking->face");
            }
            $words = ($this->components[$taking->component] ?? null)?->words();
            if ($words !== null) {
                $this->count('words:'.mb_strtolower($words->text));
            }
        }
    }

    /** What a card shares with its twins: the sketch, and the papers and cardstock of its parts. */
    public static function likenessOf(Card $card): string
    {
        $surfaces = [];
        foreach ($card->sketch->parts as $part) {
            $taking = $card->taking($part->id);
            if ($taking?->size !== null) {
                $surfaces[] = "$taking->component/$taking->face";
            }
        }

        return self::likeness($card->sketch, $surfaces);
    }

    /** @param  list<string>  $surfaces  keys of the papers and cardstock of its parts */
    private static function likeness(Sketch $sketch, array $surfaces): string
    {
        $surfaces = array_unique($surfaces);
        sort($surfaces);

        return "like:$sketch->key ".implode(',', $surfaces);
    }

    /**
     * How many cards so far are on a sketch with just these papers and cardstock.
     *
     * @param  list<string>  $surfaces  their keys
     */
    public function twins(Sketch $sketch, array $surfaces): int
    {
        return $this->used[self::likeness($sketch, $surfaces)] ?? 0;
    }

    public function ofSketch(string $sketch): int
    {
        return ($this->used["sketch:$sketch"] ?? 0) * 10 + ($sketch === $this->lastSketch ? 20 : 0);
    }

    /** Whether one more card may use a sketch, given how many may be alike. */
    public function allows(string $sketch, Preferences $wishes): bool
    {
        return $wishes->alike === null || ($this->used["sketch:$sketch"] ?? 0) < $wishes->alike * $wishes->set;
    }

    /** Makers put most cards upright. A third of them lying is a pleasant mix. More looks odd. */
    public function ofWay(Size $front): int
    {
        $lying = $this->used['way:lying'] ?? 0;
        $isLying = $front->isLying();

        return $isLying === (3 * ($lying + 1) > $this->cards + 1) ? 12 : 0;
    }

    public function ofSurface(Surface $surface): int
    {
        return $this->used['surface:'.$surface->key] ?? 0;
    }

    public function ofComponent(string $component): int
    {
        return $this->used["component:$component"] ?? 0;
    }

    /** On how many cards some words are. */
    public function saidOn(string $words): int
    {
        return $this->used['words:'.mb_strtolower($words)] ?? 0;
    }

    /**
     * The occasions: those asked for and still missing come first, then the one furthest behind its share. The share is
     * the usual one, or more if words for it are to be used up.
     *
     * @return list<Occasion>
     */
    public function occasionsByWant(Preferences $wishes): array
    {
        $occasions = Occasions::all();
        $shares = $this->shares($wishes);
        $all = array_sum($shares);
        $behind = fn (Occasion $o): int => ($this->cards + 1) * $shares[$o->value] - ($this->occasions[$o->value] ?? 0) * $all;
        $missing = fn (Occasion $o): int => $this->missing($o, $wishes);
        usort($occasions, static fn (Occasion $a, Occasion $b): int => [$missing($b), $behind($b)] <=> [$missing($a), $behind($a)]);

        return $occasions;
    }

    /** Whether more cards are asked for it than there are. */
    public function isMissing(Occasion $occasion, Preferences $wishes): bool
    {
        return $this->missing($occasion, $wishes) > 0;
    }

    private function missing(Occasion $occasion, Preferences $wishes): int
    {
        return max(0, ($wishes->occasions[$occasion->value] ?? 0) - ($this->occasions[$occasion->value] ?? 0));
    }

    /** @return array<string, int> by the value of the occasion; a piece of words that fits several counts in part for each */
    private function shares(Preferences $wishes): array
    {
        /** @var array<string, int> $shares */
        $shares = [];
        foreach (Occasions::all() as $occasion) {
            $shares[$occasion->value] = $occasion->isUsual() || $this->isSaid($occasion) ? self::SHARE * $occasion->usualShare() : 0;
        }
        foreach ($this->components as $id => $component) {
            $words = $wishes->useOf($id) === Wanted::UseUp && ! $component->isEndless() ? $component->words() : null;
            foreach ($words->occasions ?? [] as $occasion) {
                $shares[$occasion->value] += intdiv(self::SHARE * $component->count, count($words->occasions ?? [1]));
            }
        }

        return $shares;
    }

    /** Whether there are words for it in particular, and not only words for any occasion. */
    private function isSaid(Occasion $occasion): bool
    {
        foreach ($this->components as $component) {
            $words = $component->words();
            if ($words !== null && ! $words->isForAny() && $words->fit($occasion)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The folds that were asked for and are still missing.
     *
     * @param  array<string, int>  $wanted  how many cards of each
     * @return list<FoldKind>
     */
    public function foldsMissing(array $wanted): array
    {
        $missing = array_filter(
            $wanted,
            fn (int $many, string $fold): bool => ($this->used["fold:$fold"] ?? 0) < $many,
            ARRAY_FILTER_USE_BOTH,
        );

        return array_map(FoldKind::from(...), array_keys($missing));
    }

    private function count(string $key): void
    {
        $this->used[$key] = ($this->used[$key] ?? 0) + 1;
    }
}
