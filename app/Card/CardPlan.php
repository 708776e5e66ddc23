<?php

namespace App\Card;

use App\Files\CardExport;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Files\OnPaper;
use App\Files\Pdf;
use App\Models\Card;
use App\Models\PrintPaper;
use App\Table\TableState;

/**
 * A card's plan on one page: the front in its real size, measures, and the order of gluing. A large front has a page of
 * its own.
 */
final class CardPlan implements CardExport
{
    /** The size of the text in points. */
    private const SIZES = [9, 7.5, 6.5, 5.5];

    /** The least width of the text beside the front, in millimetres. */
    private const COLUMN = 32.0;

    /** The greatest height of the front beside it, in millimetres. */
    private const HIGH = 185.0;

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
        $beside = $face->labelled();
        $paper = PrintPaper::for($state->kit->unit);
        $room = [OnPaper::width($paper) - self::COLUMN, self::HIGH];
        $placing = OnPaper::on($paper, $face->bare(), [$beside->width(), $beside->height()], $room);
        $labels = $placing->isKeyed() ? $face->keyed() : $beside;
        $with = [
            'kit' => $state->kit,
            'page' => CardPage::of($card),
            'placing' => $placing,
            'width' => min($labels->width(), $room[0]),
            'said' => $labels->said(),
            'picture' => $placing->inline($face->svg($labels), "The front of card $card->number with the measures of its parts"),
        ];
        $pages = $placing->isOwnPage() ? 2 : 1;
        // A card with many parts is set in smaller type, until everything fits on the page.
        foreach (self::SIZES as $points) {
            $pdf = Pdf::render(view('card-plan', [...$with, 'points' => $points])->render(), $state->kit->unit);
            if ($pdf->pages() === $pages) {
                break;
            }
        }

        return $pdf->bytes;
    }
}
