<?php

namespace App\Card;

use App\Files\CardExport;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Models\Card;
use App\Table\TableState;

/** The front of a card as SVG in its real size. */
final class CardSvg implements CardExport
{
    public function path(): string
    {
        return 'front.svg';
    }

    public function label(): string
    {
        return 'Front (SVG)';
    }

    public function media(): Media
    {
        return Media::Svg;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Card;
    }

    public function fileName(Card $card): string
    {
        return "card-$card->number.svg";
    }

    public function write(Card $card): string
    {
        $face = CardFace::of($card, TableState::of($card->kit));

        return $face->svg($face->labelled());
    }
}
