<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Part\EnvelopePart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Fold\Blank;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Kit\ToolKind;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\WordsAgain;

/** What may still be taken, in the order in which it is looked for: the kit's own before the stash's. */
final class Supplies
{
    /** @var list<Component> */
    private readonly array $components;

    /** @var list<Surface>|null once they are asked for */
    private ?array $papers = null;

    /** @var list<Surface>|null */
    private ?array $cardstocks = null;

    private function __construct(private readonly Table $table, private readonly RemainingStock $remains, private readonly Variety $variety)
    {
        $components = array_values(array_filter($table->components, static fn (Component $c): bool => $table->offers($c->id)));
        usort($components, static fn (Component $a, Component $b): int => isset($table->stash[$a->id]) <=> isset($table->stash[$b->id]));
        $this->components = $components;
    }

    public static function of(Table $table, RemainingStock $remains, Variety $variety): self
    {
        return new self($table, $remains, $variety);
    }

    /** @return list<Component> of which there are at least $least left, or which nobody counts */
    public function ofKind(Kind $kind, int $least = 1): array
    {
        return array_values(array_filter(
            $this->components,
            fn (Component $c): bool => $c->kind() === $kind && ($c->isEndless() || $this->remains->left($c->id) >= $least),
        ));
    }

    /**
     * The possible bases of a card, one for each size of front, with or without visible ink, printed or not.
     *
     * A ready-made base comes before one cut from heavy cardstock, and the kit's own front before any other.
     *
     * @return list<array{Size, FoldKind, Taking}> front, as it stands upright, how it is folded then, and what it takes
     */
    public function bases(): array
    {
        $bases = [];
        foreach ($this->ofKind(Kind::Base) as $component) {
            if ($component->good instanceof CardBase) {
                $front = self::upright($component->good->front);
                $look = ($component->good->showsInk() ? '' : ' dark').($component->good->printed === null ? '' : ' printed');
                $key = self::key($front).$look;
                $bases[$key] ??= [$front, self::foldOf($component->good), Taking::some($component->id, BasePart::ID, 1)];
            }
        }
        $front = self::upright($this->table->front);
        $own = self::key($front);
        $isReady = array_filter(array_keys($bases), static fn (string $key): bool => str_starts_with($key, $own)) !== [];
        foreach ($isReady ? [] : [$own => true, "$own dark" => false] as $key => $isLight) {
            $cut = $this->cutBase($front, $isLight);
            if ($cut !== null) {
                $bases[$key] = [$front, ...$cut];
            }
        }
        uksort($bases, static fn (string $a, string $b): int => str_starts_with($b, $own) <=> str_starts_with($a, $own));

        return array_values($bases);
    }

    /** A base for any blank, cut from the first stock that gives it. */
    public function baseOf(Size $blank): ?Taking
    {
        foreach ($this->components as $component) {
            $taking = $component->good instanceof Cardstock && $component->good->makesBases() ? $this->blank($component, $blank) : null;
            if ($taking !== null) {
                return $taking;
            }
        }

        return null;
    }

    /** The tightest envelope that takes the front. The kit's own comes before the stash's. */
    public function envelope(Size $front): ?Taking
    {
        $best = null;
        foreach ($this->ofKind(Kind::Envelope) as $component) {
            $envelope = $component->good;
            if (! $envelope instanceof Envelope || ! $envelope->takes($front)) {
                continue;
            }
            $rank = [isset($this->table->stash[$component->id]), $envelope->size->area()];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, Taking::some($component->id, EnvelopePart::ID, 1)];
            }
        }

        return $best[1] ?? null;
    }

    /**
     * @return list<Component> with words that may be said: those on the fewest cards first, of those what is fit for the
     *                         fewest occasions, since the others are worth saving
     */
    public function sentiments(): array
    {
        $words = $this->table->wishes->words;
        $mayRepeat = $words !== WordsAgain::Once;
        $sentiments = array_values(array_filter($this->components, function (Component $c) use ($mayRepeat): bool {
            $words = $c->words();

            return $words !== null
                && ($c->isEndless() || $this->remains->left($c->id) > 0)
                && ($mayRepeat || $this->variety->saidOn($words->text) === 0);
        }));
        $fit = static fn (Component $c): int => count($c->words()->occasions ?? []);
        $said = fn (Component $c): int => $words === WordsAgain::WhenOut ? $this->variety->saidOn($c->words()->text ?? '') : 0;
        $rank = fn (Component $c): array => [
            $said($c),
            -$this->table->wishes->useOf($c->id)->worth(),
            $this->variety->ofComponent($c->id),
            $fit($c),
        ];
        usort($sentiments, static fn (Component $a, Component $b): int => $rank($a) <=> $rank($b));

        return $sentiments;
    }

    /** @return list<Component> pictures */
    public function focalPoints(): array
    {
        return array_values(
            array_filter(
                $this->components,
                fn (Component $c): bool => $c->isFocalPoint() && $this->remains->left($c->id) > 0,
            ),
        );
    }

    /** @return list<Component> dies that cut a picture out of a scrap: those with a shape and a size */
    public function dies(): array
    {
        return array_values(
            array_filter(
                $this->components,
                static fn (Component $c): bool => $c->good instanceof Tool && $c->good->cutsShapes(),
            ),
        );
    }

    /** @return list<Component> stamps with a picture and no words: they never run out */
    public function pictureStamps(): array
    {
        return array_values(array_filter($this->components, static fn (Component $c): bool => $c->showsStampedPicture()));
    }

    /** A folder that embosses all of a piece of this size. Null if there is none. */
    public function folder(Size $piece): ?Component
    {
        foreach ($this->components as $component) {
            $tool = $component->good;
            $isFolder = $tool instanceof Tool && $tool->tool === ToolKind::Folder;
            if ($isFolder && ($tool->makes === null || $piece->fitsIn($tool->makes, true))) {
                return $component;
            }
        }

        return null;
    }

    /** @return list<Surface> every face of every paper that is not used up to the last scrap */
    public function papers(): array
    {
        return $this->papers ??= $this->surfaces(static fn (Component $c): bool => $c->kind()->isPrintedPaper());
    }

    /** @return list<Surface> of cardstock that can lie under a paper or a picture */
    public function cardstocks(): array
    {
        return $this->cardstocks ??= $this->surfaces(
            static fn (Component $c): bool => $c->good instanceof Cardstock && $c->good->makesMats(),
        );
    }

    /**
     * @return list<Surface> of cardstock that takes ink, the light ones first, of those the smaller: the back of a label is
     *                       good for nothing else. What bases can be cut from is spared, and the stash comes last
     */
    public function labelStocks(): array
    {
        $stocks = $this->surfaces(static fn (Component $c): bool => $c->good instanceof Cardstock && $c->good->takesInk());
        $rank = function (Surface $surface): array {
            $lightness = $surface->face->ground()->lab()->lightness;
            $good = $this->table->components[$surface->component]->good;

            return [
                isset($this->table->stash[$surface->component]),
                $this->makesBases($surface),
                -intdiv((int) $lightness, 10),
                $good instanceof SheetGood ? $good->size()->exactArea() : 0,
                -$lightness,
            ];
        };
        usort($stocks, static fn (Surface $a, Surface $b): int => $rank($a) <=> $rank($b));

        return $stocks;
    }

    /** Whether it is cut from stock for card bases, which run out sooner than mats. */
    public function makesBases(Surface $surface): bool
    {
        $good = $this->table->components[$surface->component]->good;

        return $good instanceof Cardstock && $good->makesBases();
    }

    /** @return array{FoldKind, Taking}|null */
    private function cutBase(Size $front, bool $isLight): ?array
    {
        foreach ($this->components as $component) {
            $good = $component->good;
            if (! $good instanceof Cardstock || ! $good->makesBases() || $good->showsInk() !== $isLight) {
                continue;
            }
            foreach (FoldEdge::cases() as $fold) {
                $taking = $this->blank($component, Blank::for($front, $fold)->size);
                if ($taking !== null) {
                    return [FoldKind::ofEdge($fold), $taking];
                }
            }
        }

        return null;
    }

    /** How a ready-made base is folded when its front is upright. */
    private static function foldOf(CardBase $base): FoldKind
    {
        $fold = FoldKind::ofEdge($base->fold);

        return $base->front->isLying() ? $fold->turned() : $fold;
    }

    private function blank(Component $component, Size $blank): ?Taking
    {
        $taking = Taking::piece($component->id, BasePart::ID, $blank, 0, true);

        return $this->remains->planWith($component->id, Piece::of(BasePart::ID, $blank, true)) === null ? null : $taking;
    }

    /**
     * @param  callable(Component): bool  $isWanted
     * @return list<Surface>
     */
    private function surfaces(callable $isWanted): array
    {
        $surfaces = [];
        foreach ($this->components as $component) {
            if (! $component->good instanceof SheetGood || ! $isWanted($component) || ($this->table->stock[$component->id] ?? []) === []) {
                continue;
            }
            foreach ($component->good->faces() as $index => $face) {
                $surface = Surface::of($component->id, $index, $face, $component->kind()->isPrintedPaper());
                if ($this->table->wishes->allows($surface)) {
                    $surfaces[] = $surface;
                }
            }
        }

        return $surfaces;
    }

    private static function upright(Size $front): Size
    {
        return Size::of($front->shorter(), $front->longer());
    }

    private static function key(Size $size): string
    {
        return $size->width->units.'x'.$size->height->units;
    }
}
