<?php

namespace App\Prints;

use App\Models\Card;
use App\Pages\CardPage;
use App\Table\TableState;
use KeepShare\Core\Measure\Unit;

/** A card's plan on one page: the front to scale, sizes, the order of gluing. */
final class CardPlan
{
    /** Of the text, in points. */
    private const SIZES = [9, 7.5, 6.5, 5.5];

    public static function pdf(Card $card): string
    {
        $state = TableState::of($card->kit);
        $core = ($state->cards->get($card->id) ?? $card)->toCore();
        $with = [
            'kit' => $state->kit,
            'page' => CardPage::of($card),
            'width' => $core->front->width->exact(Unit::Millimetre),
            'height' => $core->front->height->exact(Unit::Millimetre),
            'svg' => 'data:image/svg+xml;base64,'.base64_encode(CardSvg::of($core, $state->core, $state->kit->unit, '')),
        ];
        // A card of many parts is set smaller, until all of it is on the one page.
        foreach (self::SIZES as $points) {
            $pdf = Pdf::render(view('card-plan', [...$with, 'points' => $points])->render(), $state->kit->unit);
            if ($pdf->getCanvas()->get_page_count() === 1) {
                break;
            }
        }

        return (string) $pdf->output();
    }
}
