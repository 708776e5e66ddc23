<?php

namespace App\Pages;

use App\Models\Card;
use App\Models\OwnSketch;
use App\Models\Taking;
use App\Table\TableState;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Taking as CoreTaking;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\Thickness;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Fold\StandardEnvelope;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Sketch;

/** One card: its face, its parts with their measures, its stack of layers, its fold, and what a practised eye would say. */
final class CardPage
{
    /** How many colours its palette shows. */
    private const COLOURS = 9;

    /** @return array<string, mixed> */
    public static function of(Card $card): array
    {
        $state = TableState::of($card->kit);
        $card = $state->cards->get($card->id) ?? $card;
        $core = $card->toCore();
        $unit = $state->kit->unit;
        $layout = $core->layout($unit);
        $takings = $state->takings->where('card_id', $card->id);
        $parts = CardParts::of($card, $core, $layout, $state);
        $thickness = Thickness::of(CardInHand::of($core, $state->core, $unit, []));

        return [
            'id' => $card->id,
            'isBegun' => $card->isBegun(),
            'front' => FrontView::of($core, $state->core, $unit),
            'size' => StandardFront::nameOf($core->front, $unit).', '.$core->front->label($unit),
            'thickness' => CardParts::height($thickness),
            'envelope' => StandardEnvelope::for($core->construction($unit)->closed, Length::ofUnits(intdiv($thickness->units, 2)))?->value,
            'design' => self::design($card, $core, $state),
            'parts' => $parts->sketched(),
            'guides' => $parts->guides(),
            'folded' => $parts->folded(),
            'stuck' => $parts->stuck(),
            'cuts' => array_values($takings->whereNotNull('width')->map(static fn (Taking $taking): array => self::cut($taking, $state, $core))->all()),
            'stack' => array_map(static fn (Laid $laid): array => self::layer($laid, $layout, $core->taking($laid->part->id), $state), $layout->parts),
            'build' => self::build($core, $unit),
            'palette' => self::palette($core, $state),
            'inside' => $layout->inside->label($unit),
            'findings' => Findings::on($state)->of($card),
            'muted' => $state->kit->muted,
            'goods' => GoodView::all($state->core),
            'cards' => array_values($state->cards->map(static fn (Card $one): array => ['id' => $one->id, 'number' => $one->number])->all()),
        ];
    }

    /** @return array<string, mixed> what can be chosen for it as a whole */
    private static function design(Card $card, CoreCard $core, TableState $state): array
    {
        $set = $card->set === null ? [] : array_values($state->cards->where('set', $card->set)->map(static fn (Card $one): int => $one->number)->all());
        $shelf = OwnSketch::shelf();

        return [
            'sketch' => $core->sketch->key,
            // A sketch that is no longer on the shelf stays with the card.
            'sketches' => array_map(static fn (Sketch $sketch): array => ['key' => $sketch->key, 'label' => $sketch->name], array_values([...$shelf, $core->sketch->key => $shelf[$core->sketch->key] ?? $core->sketch])),
            'isChanged' => $card->design !== null && isset($shelf[$core->sketch->key]) && Card::keeps($shelf[$core->sketch->key])['design'] != $card->design,
            'isLying' => $core->front->isLying(),
            'frame' => $core->frame?->exact($state->kit->unit),
            'fold' => $core->fold->value,
            'folds' => array_map(static fn (FoldKind $fold): array => ['key' => $fold->value, 'label' => $fold->label()], FoldKind::cases()),
            'occasion' => $core->occasion->value,
            'occasions' => array_map(static fn (Occasion $one): array => ['key' => $one->value, 'label' => $one->label()], Occasion::cases()),
            'copies' => max(1, count($set)),
            'set' => $set,
            'isKitDesign' => array_filter($state->kit->designs(), $core->follows(...)) !== [],
            'isForAMan' => $card->is_for_a_man,
            'notes' => $card->notes,
        ];
    }

    /** @return array<string, mixed> */
    private static function cut(Taking $taking, TableState $state, CoreCard $core): array
    {
        $size = $taking->size();
        $blank = $core->construction($state->kit->unit)->blank;

        return [
            'part' => $taking->partName(),
            'size' => $size?->format($state->kit->unit) ?? '',
            'from' => $state->nameOf($taking->component_id),
            'isCut' => $taking->sheet_id !== null,
            'score' => $taking->part === BasePart::ID && $blank->scores !== [] ? implode(' and ', array_map(static fn (Length $at): string => $at->label($state->kit->unit), $blank->scores)) : null,
        ];
    }

    /** @return array<string, mixed> how its fold is scored and glued */
    private static function build(CoreCard $core, Unit $unit): array
    {
        $built = $core->construction($unit);

        return [
            'blank' => FoldsPage::part($built->blank, $unit),
            'parts' => array_map(static fn (FoldPart $part): array => FoldsPage::part($part, $unit), $built->parts),
            'steps' => $built->steps,
            'open' => $built->open,
        ];
    }

    /** @return list<string> the colours of what shows on it, the grounds first */
    private static function palette(CoreCard $core, TableState $state): array
    {
        $colours = [];
        foreach ($core->takings as $taking) {
            $good = $state->core[$taking->component]->good;
            foreach ($taking->size !== null && $good instanceof SheetGood ? ($good->faces()[$taking->face] ?? $good->faces()[0])->colours : [] as $n => $colour) {
                $colours[$n][] = $colour->hex;
            }
        }

        return array_slice(array_values(array_unique(array_merge([], ...$colours))), 0, self::COLOURS);
    }

    /** @return array<string, mixed> */
    private static function layer(Laid $laid, Layout $layout, ?CoreTaking $taking, TableState $state): array
    {
        $component = $taking->component ?? '';

        return [
            'name' => $laid->part->name,
            'component' => $component,
            'face' => $taking->face ?? 0,
            'good' => $state->core[$component]->name ?? '',
            'left' => $laid->rect->x->units,
            'width' => $laid->rect->size->width->units,
            'foam' => $laid->part->foam,
            'height' => CardParts::height($laid->height),
            'reveal' => SketchesPage::reveals($layout, $laid, $state->kit->unit),
        ];
    }
}
