<?php

namespace App\Tally;

use App\Files\KitExport;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Models\Kit;
use App\Table\TableState;

/** A sheet of pictures of all cards of a kit. */
final class AllFacesSvg implements KitExport
{
    public function path(): string
    {
        return 'tally/cards.svg';
    }

    public function label(): string
    {
        return 'All cards as a picture (SVG)';
    }

    public function media(): Media
    {
        return Media::Svg;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Cards;
    }

    public function fileName(Kit $kit): string
    {
        return 'cards.svg';
    }

    public function write(Kit $kit): string
    {
        return AllFaces::of(TableState::of($kit))->svg;
    }
}
