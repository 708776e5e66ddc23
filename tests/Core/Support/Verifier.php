<?php

namespace Tests\Core\Support;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Many;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\WordsAgain;

/**
 * Checks a finished share-out from the kit, the wishes and the cards only. It does not know how the cards were found.
 * What is there, what was taken apart and what each card takes are added up by hand.
 */
final class Verifier
{
    /** One of each stays if one of each is saved, except these. */
    private const NEVER_SAVED = [Kind::Base, Kind::Envelope, Kind::Ribbon, Kind::Foam];

    /** @var list<string> */
    private array $faults = [];

    /**
     * @param  Inventory  $laying  before the cards
     * @param  list<Card>  $cards
     */
    private function __construct(private readonly Inventory $laying, private readonly Preferences $wishes, private readonly array $cards)
    {
    }

    /**
     * @param  list<Card>  $cards  the new ones
     * @param  array<string, CutPlan>  $plans  how the sheets are cut, by component
     * @param  array<string, string>  $refused  what is said of wishes that are not met, by the wish
     * @return list<string> what is wrong, each a sentence
     */
    public static function faults(Inventory $laying, Preferences $wishes, array $cards, array $plans, array $refused): array
    {
        $look = new self($laying, $wishes, $cards);
        $look->counts();
        $look->cuts($plans);
        $look->eachCard();
        $look->limits();
        $look->words();
        $look->asked($refused);

        return $look->faults;
    }

    private function fault(string $says): void
    {
        $this->faults[] = $says;
    }

    /** No more is taken of anything than there is, without what is saved. */
    private function counts(): void
    {
        $taken = [];
        foreach ($this->cards as $card) {
            foreach ($card->takings as $taking) {
                if ($taking->size === null) {
                    $taken[$taking->component] = ($taken[$taking->component] ?? 0) + $taking->quantity;
                }
            }
        }
        foreach ($this->sheetsApart() as $source => $sheets) {
            $taken[$source] = ($taken[$source] ?? 0) + $sheets;
        }
        foreach ($taken as $id => $many) {
            $component = $this->component($id);
            if ($component === null || $component->isEndless() || $component->good instanceof SheetGood) {
                continue;
            }
            $there = $this->laying->free[$id] ?? 0;
            $isSaved = $this->wishes->savesOne && $component->count > 1 && $there > 0
                && ! in_array($component->kind(), self::NEVER_SAVED, true);
            if ($many > $there - (int) $isSaved) {
                $this->fault("$component->name is taken $many times of $there");
            }
        }
    }

    /** @return array<string, int> at least so many goods have to be taken apart for what cards take of them, by area */
    private function sheetsApart(): array
    {
        $area = [];
        foreach ($this->cards as $card) {
            foreach ($card->takings as $taking) {
                if (str_ends_with($taking->component, '~') && $taking->size !== null) {
                    $area[substr($taking->component, 0, -1)] = ($area[substr($taking->component, 0, -1)] ?? 0) + $taking->size->exactArea();
                }
            }
        }
        $sheets = [];
        foreach ($area as $source => $units) {
            $good = $this->component($source)?->good;
            // A base gives two halves. An envelope or words give no more than their own size.
            $one = match (true) {
                $good instanceof CardBase => 2 * $good->front->exactArea(),
                default => $good?->extent()?->exactArea() ?? 1,
            };
            $sheets[$source] = intdiv($units + $one - 1, $one);
        }

        return $sheets;
    }

    /** @param  array<string, CutPlan>  $plans */
    private function cuts(array $plans): void
    {
        $wanted = [];
        foreach ($this->laying->promised as $component => $pieces) {
            foreach ($pieces as $piece) {
                $wanted[$component][$piece->id] = $piece;
            }
        }
        foreach ($this->cards as $card) {
            foreach ($card->takings as $taking) {
                $piece = $taking->size === null ? null : Piece::of("$card->number/$taking->part", $taking->size, $taking->mayTurn);
                if ($piece !== null && isset($wanted[$taking->component][$piece->id])) {
                    $this->fault("two pieces are called $piece->id");
                }
                if ($piece !== null) {
                    $wanted[$taking->component][$piece->id] = $piece;
                }
            }
        }
        // Older cards may use a sheet that is saved now. That is the maker's decision.
        foreach (array_intersect_key($wanted, Card::piecesOf($this->cards)) as $component => $pieces) {
            if (! isset($plans[$component])) {
                $this->fault("nobody says how $component is cut");

                continue;
            }
            $this->cutsOf($component, $pieces, $plans[$component]);
        }
    }

    /** @param  array<string, Piece>  $pieces */
    private function cutsOf(string $component, array $pieces, CutPlan $plan): void
    {
        $sheets = [];
        foreach ($this->laying->stock[$component] ?? [] as $stock) {
            $sheets[$stock->id] = $stock;
        }
        $cut = $used = [];
        foreach ($plan->sheets as $sheet) {
            $isThere = str_ends_with($component, '~') || isset($sheets[$sheet->stock->id]);
            if (! $isThere || isset($used[$sheet->stock->id])) {
                $this->fault("{$sheet->stock->id} of $component is not there, or is cut twice");
            }
            $used[$sheet->stock->id] = true;
            foreach ($sheet->cuts() as $one) {
                $part = $one->part()->size;
                $long = $one->direction()->name === 'Across' ? $part->width->units : $part->height->units;
                if (! $this->wishes->trimmer()->reaches($long)) {
                    $this->fault("a cut of $component is longer than the trimmer");
                }
            }
            array_push($cut, ...Replay::of($sheet, $pieces));
        }
        if ($this->wishes->savesOne && count($this->laying->stock[$component] ?? []) > 1 && ! $this->isOneWhole($component, $used)) {
            $this->fault("of $component no sheet stays whole");
        }
        sort($cut);
        $ids = array_map(strval(...), array_keys($pieces));
        sort($ids);
        if ($cut !== $ids) {
            $twice = implode(', ', array_diff_assoc($cut, array_unique($cut)));
            $this->fault("$component: not cut ".implode(', ', array_diff($ids, $cut))."; twice $twice");
        }
    }

    /** @param  array<string, true>  $used */
    private function isOneWhole(string $component, array $used): bool
    {
        $whole = array_filter($this->laying->stock[$component] ?? [], static fn (Stock $one): bool => $one->isWhole);

        return count($whole) < 2 || array_filter($whole, static fn (Stock $one): bool => ! isset($used[$one->id])) !== [];
    }

    private function eachCard(): void
    {
        foreach ($this->cards as $card) {
            $base = $card->taking('base');
            if ($base === null) {
                $this->fault("card $card->number has no base");
            }
            if ($card->taking('sentiment') === null && ! $this->wishes->wordless) {
                $this->fault("card $card->number has no words");
            }
            foreach ($card->takings as $taking) {
                $this->taking($card, $taking);
            }
            if (! $this->wishes->follows($card)) {
                $this->least($card);
            }
            $this->envelope($card);
        }
    }

    /** Whether a card is what each must at least be, by what it takes. */
    private function least(Card $card): void
    {
        $papers = $mats = 0;
        foreach ($card->takings as $taking) {
            $component = $this->component($taking->component);
            $isPart = $taking->size !== null && ! in_array($taking->part, ['base', 'focal', 'sentiment-label'], true);
            $papers += $isPart && $component?->kind()->isPrintedPaper() === true ? 1 : 0;
            $mats += $isPart && $component?->kind() === Kind::Cardstock ? 1 : 0;
        }
        $base = $this->component($card->taking('base')->component ?? '')?->good;
        $isPrinted = $card->sketch->focus === Focus::Piece || ($base instanceof CardBase && $base->printed !== null);
        $papers += $isPrinted && $card->sketch->isBare() ? 1 : 0;
        $isPicture = $card->taking('focal') !== null;
        $is = match ($this->wishes->least) {
            Least::Words => true,
            Least::Paper => $papers > 0,
            Least::TwoPapers => $papers > 1 || ($papers === 1 && $isPicture),
            Least::PictureOnMat => $papers > 0 && $isPicture && $mats > 0,
        };
        if (! $is) {
            $this->fault("card $card->number on {$card->sketch->manner} is less than {$this->wishes->least->says()}");
        }
    }

    private function taking(Card $card, Taking $taking): void
    {
        $component = $this->component($taking->component);
        if ($component === null) {
            $this->fault("card $card->number takes $taking->component, which is not there");

            return;
        }
        $source = rtrim($taking->component, '~');
        if ($this->wishes->useOf($source) === Wanted::Never) {
            $this->fault("card $card->number takes $component->name, which is never used");
        }
        $laid = $card->layout($this->unit())->part($taking->part);
        if ($laid !== null && ($taking->size === null || ! $taking->size->equals($laid->cut))) {
            $this->fault("card $card->number: $taking->part is not cut to its measure");
        }
        $words = $component->words();
        $isSaid = $words !== null && $taking->size === null && ! str_starts_with($taking->part, 'piece-letter');
        if ($isSaid && ! $words->fit($card->occasion)) {
            $this->fault("card $card->number, {$card->occasion->label()}, says \"$words->text\" ($taking->part)");
        }
    }

    private function envelope(Card $card): void
    {
        $taking = $card->taking('envelope');
        $envelope = $taking === null ? null : $this->component($taking->component)?->good;
        if ($envelope === null && $this->wishes->envelopes) {
            $this->fault("card $card->number has no envelope");
        }
        if ($envelope instanceof Envelope && ! $card->front->fitsIn($envelope->size, true)) {
            $this->fault("card $card->number does not go into its envelope");
        }
    }

    /** The limits that a share-out must keep. */
    private function limits(): void
    {
        if (count($this->cards) > $this->wishes->cards) {
            $this->fault(count($this->cards)." cards of {$this->wishes->cards}");
        }
        $fromStash = static fn (array $cards, array $stash): int => count(array_filter(
            $cards,
            static fn (Card $card): bool => array_filter(
                $card->takings,
                static fn (Taking $one): bool => isset($stash[$one->component]),
            ) !== [],
        ));
        $now = $fromStash($this->cards, $this->laying->stash);
        $before = $fromStash($this->laying->cards, $this->laying->stash);
        $may = match (true) {
            ! $this->wishes->stash => 0,
            $this->wishes->stashCards === null => PHP_INT_MAX,
            default => max(0, $this->wishes->stashCards - $before),
        };
        if ($now > $may) {
            $this->fault("$now cards take from the stash of $may");
        }
        $on = [];
        foreach ($this->cards as $card) {
            $isFollowed = array_filter($this->wishes->designs, $card->follows(...)) !== [];
            $on[$card->sketch->key] = ($on[$card->sketch->key] ?? 0) + 1;
            if (in_array($card->sketch->key, $this->wishes->sketchesOff, true) && ! $isFollowed) {
                $this->fault("card $card->number is on {$card->sketch->key}, which is switched off");
            }
            if ($this->wishes->pictures && $card->sketch->focus !== Focus::Picture && $card->taking('focal') === null) {
                $this->fault("card $card->number has no picture");
            }
            if ($this->wishes->frame !== null && ($card->frame === null || ! $card->frame->equals($this->wishes->frame))) {
                $this->fault("card $card->number is not framed as wished");
            }
            $pieces = count(array_filter(
                $card->takings,
                static fn (Taking $one): bool => str_starts_with($one->part, 'piece-')
                    || in_array($one->part, ['focal', 'sentiment', 'more-words'], true),
            ));
            if ($this->wishes->many === Many::Few && $pieces > Many::Few->most() + 1) {
                $this->fault("card $card->number has $pieces pieces, and few are wished for");
            }
        }
        foreach ($this->wishes->alike === null ? [] : $on as $sketch => $many) {
            if ($many > $this->wishes->alike * $this->wishes->set) {
                $this->fault("$many cards are on $sketch");
            }
        }
    }

    private function words(): void
    {
        foreach ($this->cards as $n => $card) {
            $own = $this->saidOn($card);
            if (count($own) !== count(array_unique($own))) {
                $this->fault("card $card->number says the same twice");
            }
            $others = [...$this->laying->cards, ...array_slice($this->cards, 0, $n)];
            foreach ($this->wishes->words !== WordsAgain::Once ? [] : $others as $other) {
                $isFollowed = static fn (KitDesign $one): bool => $card->follows($one) || $other->follows($one);
                $isMeant = $card->isInSetWith($other) || array_filter($this->wishes->designs, $isFollowed) !== [];
                if (! $isMeant && array_intersect($own, $this->saidOn($other)) !== []) {
                    $this->fault("cards $card->number and $other->number say the same");
                }
            }
        }
    }

    /** @return list<string> */
    private function saidOn(Card $card): array
    {
        $said = [];
        foreach ($card->takings as $taking) {
            $text = $this->component($taking->component)?->words()?->text;
            if ($text !== null && $taking->size === null && in_array($taking->part, ['sentiment', 'more-words'], true)) {
                $said[] = mb_strtolower($text);
            }
        }

        return $said;
    }

    /**
     * Each wish in numbers is met, or the reason is given.
     *
     * @param  array<string, string>  $refused
     */
    private function asked(array $refused): void
    {
        $all = [...$this->laying->cards, ...$this->cards];
        $short = [];
        foreach ($this->wishes->occasions as $occasion => $many) {
            $have = count(array_filter($all, static fn (Card $card): bool => $card->occasion->value === $occasion));
            $short["occasion $occasion"] = $have < $many;
        }
        foreach ($this->wishes->folds as $fold => $many) {
            $have = count(array_filter($all, static fn (Card $card): bool => $card->fold->value === $fold));
            $short["fold $fold"] = $have < $many;
        }
        foreach ($this->wishes->designs as $design) {
            $have = count(array_filter($all, static fn (Card $card): bool => $card->follows($design)));
            $short["design $design->name"] = $have < min($design->makes, $this->wishes->cards);
        }
        $sets = [];
        foreach ($this->wishes->set > 1 ? $this->cards : [] as $card) {
            $sets[$card->set ?? -$card->number] = ($sets[$card->set ?? -$card->number] ?? 0) + 1;
        }
        $rest = count($this->cards) % $this->wishes->set;
        $isWhole = array_filter($sets, fn (int $many): bool => $many !== $this->wishes->set) === [] || ($rest > 0 && count(array_filter(
            $sets,
            fn (int $many): bool => $many !== $this->wishes->set,
        )) === 1 && count($this->cards) === $this->wishes->cards);
        $short['sets'] = ! $isWhole;
        $short['insides'] = $this->wishes->insides
            && array_filter($this->cards, static fn (Card $card): bool => $card->taking('inside') === null) !== [];
        $short['cards'] = count($this->cards) < $this->wishes->cards;
        foreach (array_keys(array_filter($short)) as $wish) {
            if (trim($refused[$wish] ?? '') === '') {
                $this->fault("$wish falls short, and nobody says why");
            }
        }
    }

    private function component(string $id): ?Component
    {
        return $this->laying->components[$id] ?? $this->laying->components[rtrim($id, '~')] ?? null;
    }

    private function unit(): Unit
    {
        return $this->laying->unit;
    }
}
