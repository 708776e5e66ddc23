<?php

namespace App\Pages;

use App\Models\Card;
use App\Models\Taking;
use App\Table\TableState;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\Thickness;
use KeepShare\Core\Fold\Blank;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Share\Taking as CoreTaking;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Sketches;

/** One card: its face, what is cut for it, its stack of layers, and what a practised eye would say. */
final class CardPage
{
    /** @return array<string, mixed> */
    public static function of(Card $card): array
    {
        $state = TableState::of($card->kit);
        $card = $state->cards->get($card->id) ?? $card;
        $core = $card->toCore();
        $unit = $state->kit->unit;
        $layout = Sketches::all()[$card->sketch]->resolve($core->front, $unit);
        $takings = $state->takings->where('card_id', $card->id);
        $numbers = array_values($state->cards->map(static fn (Card $one): array => ['id' => $one->id, 'number' => $one->number])->all());

        return [
            'id' => $card->id,
            'isBegun' => $card->isBegun(),
            'front' => FrontView::of($core, $state->core, $unit),
            'size' => StandardFront::nameOf($core->front, $unit).', '.$core->front->label($unit),
            'thickness' => ltrim(Thickness::of(CardInHand::of($core, $state->core, $unit, []))->label(Unit::Millimetre), '≈ '),
            'cuts' => array_values($takings->whereNotNull('width')->map(static fn (Taking $taking): array => self::cut($taking, $state))->all()),
            'stuck' => array_values($takings->whereNull('width')->map(static fn (Taking $taking): array => self::stuck($taking, $state))->all()),
            'stack' => array_map(static fn (Laid $laid): array => self::layer($laid, $layout, $core->taking($laid->part->id), $state), $layout->parts),
            'findings' => Findings::on($state)->of($card),
            'goods' => GoodView::all($state->core),
            'cards' => $numbers,
        ];
    }

    /** @return array<string, mixed> */
    private static function cut(Taking $taking, TableState $state): array
    {
        $size = $taking->size();

        return [
            'part' => $taking->partName(),
            'size' => $size?->format($state->kit->unit) ?? '',
            'from' => $state->nameOf($taking->component_id),
            'isCut' => $taking->sheet_id !== null,
            'score' => $taking->part === 'base' && $size !== null ? self::score($size, $taking, $state) : null,
        ];
    }

    /** Where a base that is cut for the card is folded. */
    private static function score(Size $size, Taking $taking, TableState $state): string
    {
        $front = $taking->card->toFront();
        foreach (FoldEdge::cases() as $fold) {
            $blank = Blank::for($front, $fold);
            if ($blank->size->matches($size)) {
                return $blank->score->label($state->kit->unit);
            }
        }

        return '';
    }

    /** @return array<string, mixed> */
    private static function stuck(Taking $taking, TableState $state): array
    {
        $core = $state->core[$taking->toCore()->component];

        return ['part' => $taking->partName(), 'name' => $core->name, 'amount' => Wording::taken($core, $taking->quantity, $state->kit->unit)];
    }

    /** @return array<string, mixed> */
    private static function layer(Laid $laid, Layout $layout, ?CoreTaking $taking, TableState $state): array
    {
        $component = $taking->component ?? '';
        $reveals = $layout->reveals($laid);

        return [
            'name' => $laid->part->name,
            'component' => $component,
            'face' => $taking->face ?? 0,
            'good' => $state->core[$component]->name ?? '',
            'size' => $laid->rect->size->format($state->kit->unit),
            'left' => $laid->rect->x->units,
            'width' => $laid->rect->size->width->units,
            'reveal' => $reveals['left']->format($state->kit->unit),
            'isEven' => count(array_unique(array_map(static fn ($length): int => $length->units, $reveals))) === 1,
        ];
    }
}
