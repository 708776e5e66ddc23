<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use Closure;
use KeepShare\Core\Bench\Treat\Treatments;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Part\BowPart;
use KeepShare\Core\Card\Part\FoamPart;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Card\Part\LabelPart;
use KeepShare\Core\Card\Part\WordsPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Embellishment;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wanted;

/**
 * Drafts cards from what is left. It tries every sketch both ways round, with the papers, mats, picture and trimmings
 * that match best and have been used least.
 */
final readonly class Designer
{
    /**
     * The penalty for a base that shows ink, if everything is to be used up. Words can be stamped on it without a
     * label.
     */
    private const LIGHT = 8;

    /** The penalty for each card so far on the same sketch with the same papers. */
    private const TWIN = 40;

    private function __construct(
        private Table $table,
        private RemainingStock $remains,
        private Supplies $supplies,
        private Filler $filler,
        private Pictures $pictures,
        private Variety $variety,
    ) {
    }

    public static function at(Table $table, RemainingStock $remains, Variety $variety): self
    {
        $supplies = Supplies::of($table, $remains, $variety);

        return new self(
            $table,
            $remains,
            $supplies,
            Filler::of($table, $remains, $supplies, $variety),
            Pictures::of($table, $remains, $supplies, $variety),
            $variety,
        );
    }

    /**
     * The cards that could be number $number, for one occasion and sentiment, the best first.
     *
     * @param  Component|null  $sentiment  null where the need for one is lifted
     * @param  list<Need>  $lifted  needs that count as met
     * @return list<Draft>
     */
    public function drafts(int $number, Occasion $occasion, ?Component $sentiment, array $lifted, Scope $scope): array
    {
        $drafts = [];
        foreach ($this->foundations($lifted) as [$front, $fold, $takings]) {
            $isLight = $this->isLight($takings);
            $base = $this->baseOf($takings);
            foreach ($this->sketches($scope, $front) as $sketch) {
                $isSilent = $sentiment === null && ! in_array(Need::Sentiment, $lifted, true);
                $isOn = $this->table->allowsOn($sketch, $base instanceof CardBase ? $base : null);
                if (! $isOn || ($sketch->focus === Focus::PaperAlone) !== $isSilent) {
                    continue;
                }
                foreach ([[$front, $fold], [$front->turned(), $fold->turned()]] as [$way, $folded]) {
                    if (! $scope->allows($sketch, $way)) {
                        continue;
                    }
                    array_push(
                        $drafts,
                        ...$this->onSketch(
                            $sketch,
                            $way,
                            $sentiment,
                            $lifted,
                            $scope,
                            $isLight,
                            fn (array $own): Card => Card::of(
                                $number,
                                $sketch,
                                $way,
                                $occasion,
                                [...$takings, ...$own],
                                $this->table->wishes->frame,
                                $folded,
                            ),
                        ),
                    );
                }
            }
        }
        usort($drafts, static fn (Draft $a, Draft $b): int => $b->goodness <=> $a->goodness);

        return $drafts;
    }

    /**
     * A card as the maker of the kit shows it, with its own papers, picture and words. Null if its front, base or
     * envelope is missing, or something does not fit.
     */
    public function following(KitDesign $design, int $number): ?Card
    {
        foreach ($this->foundations([]) as [$upright, $fold, $takings]) {
            [$front, $folded] = $design->isLying ? [$upright->turned(), $fold->turned()] : [$upright, $fold];
            $layout = $this->table->layouts->of($design->sketch, $front);
            $id = static fn (string $place): string => $design->takes[$place]['component'] ?? '';
            $component = fn (string $place): ?Component => $this->table->components[$id($place)] ?? null;
            $focal = $component(KitDesign::FOCAL);
            $words = $layout === null ? null : $this->words($component(KitDesign::SENTIMENT), $layout);
            if ($layout === null || $words === null || ! $focal?->good instanceof Applied) {
                continue;
            }
            if (! $focal->good->printed()->size->fitsIn($layout->focal->size)) {
                continue;
            }
            $picture = Picture::printed($focal, $focal->good->printed(), 0);

            return Card::of(
                $number,
                $design->sketch,
                $front,
                $design->occasion,
                [...$takings, ...$this->given($design, $layout), ...$words, ...$this->trimmings($picture, $layout)],
                $this->table->wishes->frame,
                $folded,
            );
        }

        return null;
    }

    /** @return list<Taking> the parts a design fills itself */
    private function given(KitDesign $design, Layout $layout): array
    {
        $takings = [];
        foreach ($layout->parts as $laid) {
            $take = $design->takes[$laid->part->id] ?? null;
            $face = $take === null ? null : ($this->table->components[$take['component']] ?? null)?->face($take['face']);
            if ($take !== null && $face !== null) {
                $takings[] = Taking::piece($take['component'], $laid->part->id, $laid->cut, $take['face'], ! $face->directional);
            }
        }

        return $takings;
    }

    /** @return list<Sketch> those used least and that cost least, in the order of the shelf */
    private function sketches(Scope $scope, Size $front): array
    {
        $sketches = array_values(array_filter(
            $this->table->sketches,
            fn (Sketch $sketch): bool => ($scope->isLean === null || $sketch->focus->isLean() === $scope->isLean)
                && $this->variety->allows($sketch->key, $this->table->wishes),
        ));
        $rank = fn (Sketch $sketch): int => $this->variety->ofSketch($sketch->key) + $this->cost($sketch, $front, $scope);
        $ranks = array_map($rank, $sketches);
        array_multisort($ranks, SORT_ASC, SORT_NUMERIC, array_keys($sketches), SORT_ASC, $sketches);

        return array_slice($sketches, 0, $scope->sketches);
    }

    /** The cost of a sketch in its cheaper direction. */
    private function cost(Sketch $sketch, Size $front, Scope $scope): int
    {
        if ($scope->prices->areNone()) {
            return 0;
        }
        $layouts = array_filter([
            $this->table->layouts->of($sketch, $front),
            $this->table->layouts->of($sketch, $front->turned()),
        ]);

        return $layouts === [] ? PHP_INT_MAX >> 1 : min(array_map($scope->prices->of(...), $layouts));
    }

    /** @return list<Component> */
    public function sentiments(): array
    {
        return $this->supplies->sentiments();
    }

    /**
     * Fronts in the upright position, with the fold, the base and the envelope of each.
     *
     * @param  list<Need>  $lifted
     * @return list<array{Size, FoldKind, list<Taking>}>
     */
    private function foundations(array $lifted): array
    {
        $bases = $this->supplies->bases();
        if ($bases === [] && in_array(Need::Base, $lifted, true)) {
            $front = $this->table->front;
            $bases = [[Size::of($front->shorter(), $front->longer()), FoldKind::Side, null]];
        }
        $foundations = [];
        foreach ($bases as [$front, $fold, $base]) {
            $envelope = $this->supplies->envelope($front);
            // A card needs no envelope. The one that is to be saved is saved.
            $isSaved = $envelope !== null && $this->table->wishes->useOf($envelope->component) === Wanted::Save;
            $envelope = $isSaved && ! $this->table->wishes->envelopes ? null : $envelope;
            if ($envelope !== null || ! $this->table->wishes->envelopes || in_array(Need::Envelope, $lifted, true)) {
                $foundations[] = [$front, $fold, array_values(array_filter([$base, $envelope]))];
            }
        }

        return $foundations;
    }

    /**
     * @param  list<Need>  $lifted
     * @param  bool  $isLight  ink shows on the base
     * @param  Closure(list<Taking>): Card  $card
     * @return list<Draft>
     */
    private function onSketch(
        Sketch $sketch,
        Size $front,
        ?Component $sentiment,
        array $lifted,
        Scope $scope,
        bool $isLight,
        Closure $card,
    ): array {
        $layout = $this->table->layouts->of($sketch, $front);
        if ($layout === null) {
            return [];
        }
        $isLean = $sketch->focus->isLean();
        $pictures = $isLean ? [] : $this->pictures->on($layout, $sketch->focus);
        if ($sketch->focus === Focus::Piece && $sentiment?->good instanceof Stamp) {
            $pictures = array_values(array_filter($pictures, static fn (Picture $one): bool => $one->colour->isLight()));
            $isLight = true;
        }
        $straight = $isLean || $sketch->isBare() ? $this->stampedStraight($sentiment, $layout) : null;
        // A directly stamped text needs no label if its ink shows. A label is looked for only if it does not.
        $labelled = $straight === null ? $this->words($sentiment, $layout) : null;
        $isWithout = $pictures === [] && ! $isLean && ! in_array(Need::FocalPoint, $lifted, true);
        if ($isWithout || ($labelled === null && $straight === null)) {
            return [];
        }
        // A front with many parts is not better for that, so what they add is scaled to three parts.
        $many = max(3, count($layout->parts));
        $less = $this->variety->ofSketch($sketch->key)
            + $this->variety->ofWay($front)
            + $scope->prices->of($layout)
            + ($isLight && $scope->isSparing() ? self::LIGHT : 0);
        $drafts = [];
        foreach ($this->filler->fills($layout, $lifted, $scope->breadth, $scope->given) as $fill) {
            $words = $straight !== null && $this->showsInk($layout, $fill, $isLight)
                ? $straight
                : ($labelled ??= $this->words($sentiment, $layout));
            if ($words === null) {
                continue;
            }
            $twins = $this->variety->twins($sketch, array_column(array_filter($fill->surfaces), 'key'));
            $choices = $scope->everyPicture && ! $isLean ? array_map(static fn (Picture $one): array => [$one], $pictures) : [$pictures];
            foreach ($choices as $some) {
                [$picture, $liking] = Pictures::likeliest($some, $layout, $fill);
                $drafts[] = Draft::of(
                    intdiv(3 * $fill->goodness, $many) + $liking - $less - self::TWIN * $twins,
                    fn (): Card => $card([
                        ...$this->parts($layout, $fill, $words === $straight ? null : $this->folderFor($sketch, $layout)),
                        ...$words,
                        ...$this->trimmings($picture, $layout),
                    ]),
                );
            }
        }

        return $drafts;
    }

    /** The folder that embosses a plain background, if the paper is not the picture. Never under stamped words. */
    private function folderFor(Sketch $sketch, Layout $layout): ?Component
    {
        $grounds = array_filter($layout->parts, static fn (Laid $laid): bool => $laid->part->role === Role::Ground);

        return $sketch->focus->isLean() && $grounds !== [] ? $this->supplies->folder(reset($grounds)->cut) : null;
    }

    /** @return list<Taking> */
    private function parts(Layout $layout, Surfaces $fill, ?Component $folder): array
    {
        $takings = [];
        foreach ($layout->parts as $laid) {
            $surface = $fill->surfaces[$laid->part->id] ?? null;
            if ($surface !== null) {
                $taking = Taking::piece(
                    $surface->component,
                    $laid->part->id,
                    $laid->cut,
                    $surface->index,
                    $surface->mayTurnAs($laid->part->role),
                );
                $isEmbossed = $folder !== null && $laid->part->role === Role::Ground;
                $takings[] = $isEmbossed ? $taking->treated([Treated::by(Treatments::EMBOSS, $folder->id)]) : $taking;
            }
        }

        return $takings;
    }

    /**
     * What the sentiment takes. Null if it does not fit its place.
     *
     * @return list<Taking>|null
     */
    private function words(?Component $sentiment, Layout $layout): ?array
    {
        if ($sentiment === null) {
            return [];
        }
        $good = $sentiment->good;
        if ($good instanceof Applied) {
            return $good->printed()->size->fitsIn($layout->sentiment->size) ? [Taking::some($sentiment->id, WordsPart::ID, 1)] : null;
        }
        if (! $good instanceof Stamp) {
            return null;
        }
        $label = $good->label($this->table->unit);
        foreach ($label->fitsIn($layout->sentiment->size) ? $this->supplies->labelStocks() : [] as $stock) {
            $taking = Taking::piece($stock->component, LabelPart::ID, $label, $stock->index, true);
            $piece = $taking->toPiece('label');
            if ($piece !== null && $this->remains->planWith($stock->component, $piece) !== null) {
                return [Taking::some($sentiment->id, WordsPart::ID, 0), $taking];
            }
        }

        return null;
    }

    /**
     * A stamp used without a label. Null if the words are printed or do not fit.
     *
     * @return list<Taking>|null
     */
    private function stampedStraight(?Component $sentiment, Layout $layout): ?array
    {
        $good = $sentiment?->good;

        return $sentiment !== null && $good instanceof Stamp && $good->size->fitsIn($layout->sentiment->size)
            ? [Taking::some($sentiment->id, WordsPart::ID, 0)]
            : null;
    }

    /** Whether ink shows at the place of the words: all of it is one calm, light paper, or the base. */
    private function showsInk(Layout $layout, Surfaces $fill, bool $isLight): bool
    {
        $ground = $layout->ground();
        if ($ground === null) {
            return $isLight;
        }
        $surface = $fill->surfaces[$ground->part->id] ?? null;
        if ($surface === null || ! $ground->rect->contains($layout->sentiment)) {
            return false;
        }
        $good = $this->table->components[$surface->component]->good;

        return $surface->face->showsInk() && (! $good instanceof Cardstock || $good->takesInk());
    }

    /**
     * Whether ink shows on a base.
     *
     * @param  list<Taking>  $foundation
     */
    private function isLight(array $foundation): bool
    {
        $base = $this->baseOf($foundation);

        // A base that is still to be cut can be cut from light stock.
        return $base === null || (($base instanceof CardBase || $base instanceof Cardstock) && $base->showsInk());
    }

    /** @param  list<Taking>  $foundation */
    private function baseOf(array $foundation): ?Good
    {
        foreach ($foundation as $taking) {
            if ($taking->part === BasePart::ID) {
                return $this->table->components[$taking->component]->good;
            }
        }

        return null;
    }

    /**
     * The picture with the foam under it, three embellishments round it, and a bow if there is a strip for it.
     *
     * @return list<Taking>
     */
    private function trimmings(?Picture $picture, Layout $layout): array
    {
        $takings = [];
        if ($picture !== null) {
            array_push($takings, ...$picture->takings);
            $foam = $picture->isLifted ? $this->supplies->ofKind(Kind::Foam, 4)[0] ?? null : null;
            $takings[] = $foam === null ? null : Taking::some($foam->id, FoamPart::ID, 4);
        }
        $group = $this->leastUsed($this->supplies->ofKind(Kind::Embellishment, 3));
        $takings[] = $group === null
                ? null
                : Taking::some(
                    $group->id,
                    GroupPart::ID,
                    $group->good instanceof Embellishment && $group->good->plenty ? 0 : 3,
                );
        if (array_filter($layout->parts, static fn (Laid $laid): bool => $laid->part->role === Role::Strip) !== []) {
            $bow = Length::inches(12);
            $ribbon = $this->leastUsed($this->supplies->ofKind(Kind::Ribbon, $bow->units));
            $takings[] = $ribbon === null ? null : Taking::some($ribbon->id, BowPart::ID, $bow->units);
        }

        return array_values(array_filter($takings));
    }

    /**
     * The kit's own before the stash's, and then the one used least.
     *
     * @param  list<Component>  $components
     */
    private function leastUsed(array $components): ?Component
    {
        $rank = fn (Component $c): array => [
            isset($this->table->stash[$c->id]),
            -$this->table->wishes->useOf($c->id)->worth(),
            $this->variety->ofComponent($c->id),
        ];
        usort($components, static fn (Component $a, Component $b): int => $rank($a) <=> $rank($b));

        return $components[0] ?? null;
    }
}
