<?php

namespace App\Card;

use App\Models\Card;
use App\Models\OwnSketch;
use App\Models\Taking;
use App\Table\TableState;
use App\View\BlankView;
use App\View\ChoiceView;
use App\View\Findings;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Page;
use App\View\ShortParts;
use App\View\SketchView;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Bench\Treat\Treatments;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Taking as CoreTaking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Check\Thickness;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Fold\StandardEnvelope;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Sketch;

/**
 * One card: its front, its parts with their measures, its layers, its fold, and its hints.
 *
 * @phpstan-import-type BlankPart from BlankView
 * @phpstan-import-type Choice from ChoiceView
 * @phpstan-import-type Finding from Findings
 * @phpstan-import-type FoldedPart from CardParts
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type GuideLine from CardParts
 * @phpstan-import-type ShortPart from ShortParts
 * @phpstan-import-type SketchedPart from CardParts
 * @phpstan-import-type StuckPart from CardParts
 *
 * @phpstan-type CardDesign array{
 *     sketch: string,
 *     sketches: list<Choice>,
 *     isChanged: bool,
 *     isLying: bool,
 *     frame: string|null,
 *     fold: string,
 *     folds: list<Choice>,
 *     occasion: string,
 *     occasions: list<Choice>,
 *     copies: int,
 *     set: list<int>,
 *     isKitDesign: bool,
 *     isForAMan: bool,
 *     notes: string,
 * }
 * @phpstan-type CardCut array{part: string, size: string, from: string, isCut: bool, score: string|null}
 * @phpstan-type StackLayer array{
 *     name: string,
 *     component: string,
 *     face: int,
 *     good: string,
 *     left: int,
 *     width: int,
 *     foam: int,
 *     height: string,
 *     reveal: string,
 * }
 * @phpstan-type StackPiece array{
 *     id: string,
 *     name: string,
 *     good: string,
 *     left: int,
 *     width: int,
 *     isLifted: bool,
 *     isShimmed: bool,
 *     lies: string,
 * }
 * @phpstan-type CardBuild array{blank: BlankPart, parts: list<BlankPart>, steps: list<string>, open: string}
 * @phpstan-type NumberedCard array{id: int, number: int}
 */
final readonly class CardPage extends Page
{
    /** The number of colours in its palette. */
    private const COLOURS = 9;

    /**
     * @param  Front  $front
     * @param  string|null  $envelope  that takes it
     * @param  CardDesign  $design  what can be chosen for it as a whole
     * @param  list<SketchedPart>  $parts
     * @param  list<GuideLine>  $guides
     * @param  list<FoldedPart>  $folded
     * @param  list<StuckPart>  $stuck
     * @param  list<CardCut>  $cuts
     * @param  list<StackLayer>  $stack
     * @param  list<StackPiece>  $pieces  of its group, from the bottom up
     * @param  CardBuild  $build  how its fold is scored and glued
     * @param  list<string>  $palette  the colours of what shows on it, the grounds first
     * @param  list<Finding>  $findings
     * @param  list<string>  $muted
     * @param  Goods  $goods
     * @param  list<NumberedCard>  $cards
     * @param  list<ShortPart>  $shorts  its parts that cannot have what they take
     */
    private function __construct(
        public int $id,
        public string $stands,
        public array $front,
        public string $size,
        public string $thickness,
        public ?string $envelope,
        public array $design,
        public array $parts,
        public array $guides,
        public array $folded,
        public array $stuck,
        public array $cuts,
        public array $stack,
        public array $pieces,
        public array $build,
        public array $palette,
        public string $inside,
        public array $findings,
        public array $muted,
        public array $goods,
        public array $cards,
        public array $shorts,
    ) {
    }

    public static function of(Card $card): self
    {
        $state = TableState::of($card->kit);
        $card = $state->cards->get($card->id) ?? $card;
        $core = $state->coreOf($card);
        $unit = $state->kit->unit;
        $layout = $core->layout($unit);
        $parts = CardParts::of($card, $core, $layout, $state);
        $thickness = Thickness::of($state->inHand($card));
        $closed = $core->construction($unit)->closed;
        $pieces = $state->takings->where('card_id', $card->id)->whereNotNull('width');
        $layer = static fn (Laid $laid): array => self::layer($laid, $layout, $core->taking($laid->part->id), $state);

        return new self(
            $card->id,
            $card->stands(),
            FrontView::on($state, $card),
            StandardFront::nameOf($core->front, $unit).', '.$core->front->label($unit),
            $thickness->about($unit),
            StandardEnvelope::for($closed, Length::ofUnits(intdiv($thickness->units, 2)))?->value,
            self::design($card, $core, $state),
            $parts->sketched(),
            $parts->guides(),
            $parts->folded(),
            $parts->stuck(),
            array_values($pieces->map(static fn (Taking $taking): array => self::cut($taking, $state, $core))->all()),
            array_map($layer, $layout->parts),
            self::pieces($core, $layout, $state),
            self::build($core, $unit),
            self::palette($core, $state),
            $layout->inside->label($unit),
            Findings::on($state)->of($card),
            $state->kit->muted,
            GoodView::all($state->core),
            array_values($state->cards->map(static fn (Card $one): array => ['id' => $one->id, 'number' => $one->number])->all()),
            ShortParts::of($state, $card),
        );
    }

    /** @return CardDesign */
    private static function design(Card $card, CoreCard $core, TableState $state): array
    {
        $twins = $card->set === null ? collect() : $state->cards->where('set', $card->set);
        $shelf = OwnSketch::shelf();
        $onShelf = $shelf[$core->sketch->key] ?? null;
        // A sketch that was deleted stays with the card.
        $sketches = [...$shelf, $core->sketch->key => $onShelf ?? $core->sketch];
        $choice = static fn (Sketch $sketch): array => ['key' => $sketch->key, 'label' => $sketch->name];

        return [
            'sketch' => $core->sketch->key,
            'sketches' => array_map($choice, array_values($sketches)),
            'isChanged' => $card->design !== null && $onShelf !== null && Card::keeps($onShelf)['design'] != $card->design,
            'isLying' => $core->front->isLying(),
            'frame' => $core->frame?->exact($state->kit->unit),
            'fold' => $core->fold->value,
            'folds' => ChoiceView::all(FoldKind::cases(), static fn (FoldKind $fold): string => $fold->label()),
            'occasion' => $core->occasion->value,
            'occasions' => ChoiceView::occasions(),
            'copies' => max(1, $twins->count()),
            'set' => array_values($twins->map(static fn (Card $one): int => $one->number)->all()),
            'isKitDesign' => array_filter($state->kit->designs(), $core->follows(...)) !== [],
            'isForAMan' => $card->is_for_a_man,
            'notes' => $card->notes,
        ];
    }

    /** @return CardCut */
    private static function cut(Taking $taking, TableState $state, CoreCard $core): array
    {
        $unit = $state->kit->unit;
        $scores = $taking->part === BasePart::ID ? $core->construction($unit)->blank->scores : [];
        $at = array_map(static fn (Length $at): string => $at->label($unit), $scores);

        return [
            'part' => $taking->partName(),
            'size' => $taking->size()?->format($unit) ?? '',
            'from' => $state->nameOf($taking->component_id),
            'isCut' => $taking->sheet_id !== null,
            'score' => $at === [] ? null : implode(' and ', $at),
        ];
    }

    /** @return list<StackPiece> */
    private static function pieces(CoreCard $core, Layout $layout, TableState $state): array
    {
        $unit = $state->kit->unit;
        $group = CardGroup::of($core, $layout, $state->core, $unit);

        return array_values(array_map(static function (Placed $piece) use ($core, $layout, $unit): array {
            [$left, $below] = CardGroup::fromEdges($piece, $layout->front);

            return [
                'id' => $piece->part(),
                'name' => $core->partName($piece->part()),
                'good' => $piece->stand->name,
                'left' => $piece->rect()->x->units,
                'width' => $piece->rect()->size->width->units,
                'isLifted' => $piece->spot->isLifted && $piece->up > 0,
                'isShimmed' => $piece->isShimmed,
                'lies' => "{$left->label($unit)} from the left, {$below->label($unit)} from below",
            ];
        }, $group->pieces ?? []));
    }

    /** @return CardBuild */
    private static function build(CoreCard $core, Unit $unit): array
    {
        $built = $core->construction($unit);

        return [
            'blank' => BlankView::of($built->blank, $unit),
            'parts' => array_map(static fn (FoldPart $part): array => BlankView::of($part, $unit), $built->parts),
            'steps' => $built->steps,
            'open' => $built->open,
        ];
    }

    /** @return list<string> */
    private static function palette(CoreCard $core, TableState $state): array
    {
        $colours = [];
        foreach ($core->takings as $taking) {
            $good = $state->core[$taking->component]->good;
            if ($taking->size === null || ! $good instanceof SheetGood) {
                continue;
            }
            $face = $good->faces()[$taking->face] ?? $good->faces()[0];
            foreach ($face->colours as $n => $colour) {
                $colours[$n][] = $colour->hex;
            }
        }

        return array_slice(array_values(array_unique(array_merge([], ...$colours))), 0, self::COLOURS);
    }

    /** @return list<string> what is done to its piece */
    private static function done(?CoreTaking $taking): array
    {
        return array_map(
            static fn (Treated $one): string => Treatments::done($one->treatment),
            $taking->treated ?? [],
        );
    }

    /** @return StackLayer */
    private static function layer(Laid $laid, Layout $layout, ?CoreTaking $taking, TableState $state): array
    {
        $component = $taking->component ?? '';

        return [
            'name' => implode(', ', [$laid->part->name, ...self::done($taking)]),
            'component' => $component,
            'face' => $taking->face ?? 0,
            'good' => $state->core[$component]->name ?? '',
            'left' => $laid->rect->x->units,
            'width' => $laid->rect->size->width->units,
            'foam' => $laid->part->foam,
            'height' => $laid->height->about($state->kit->unit),
            'reveal' => SketchView::reveals($layout, $laid, $state->kit->unit),
        ];
    }
}
