<?php

namespace App\Prints;

use App\Drawing\Svg;
use App\Models\Card;
use App\Pages\CardPage;
use App\Table\TableState;

/** A card's plan on one page: the front to scale, sizes, the order of gluing. */
final class CardPlan implements CardExport
{
    /** Of the text, in points. */
    private const SIZES = [9, 7.5, 6.5, 5.5];

    public function path(): string
    {
        return 'plan.pdf';
    }

    public function label(): string
    {
        return 'Print its plan (PDF)';
    }

    public function media(): Media
    {
        return Media::Pdf;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Card;
    }

    public function fileName(Card $card): string
    {
        return "card-$card->number.pdf";
    }

    public function write(Card $card): string
    {
        $state = TableState::of($card->kit);
        $face = CardFace::of($card, $state);
        $with = [
            'kit' => $state->kit,
            'page' => CardPage::of($card),
            'width' => $face->width,
            'picture' => Svg::inline($face->svg, "The front of card $card->number with the measures of its parts"),
        ];
        // A card of many parts is set smaller, until all of it is on the one page.
        foreach (self::SIZES as $points) {
            $pdf = Pdf::render(view('card-plan', [...$with, 'points' => $points])->render(), $state->kit->unit);
            if ($pdf->pages() === 1) {
                break;
            }
        }

        return $pdf->bytes;
    }
}
