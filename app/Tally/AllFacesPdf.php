<?php

namespace App\Tally;

use App\Drawing\Svg;
use App\Files\KitExport;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Files\Pdf;
use App\Models\Kit;
use App\Table\TableState;

/** The same sheet of pictures, to print. */
final class AllFacesPdf implements KitExport
{
    public function path(): string
    {
        return 'tally/cards.pdf';
    }

    public function label(): string
    {
        return 'Print a picture of all cards (PDF)';
    }

    public function media(): Media
    {
        return Media::Pdf;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Cards;
    }

    public function fileName(Kit $kit): string
    {
        return 'cards.pdf';
    }

    public function write(Kit $kit): string
    {
        $faces = AllFaces::of(TableState::of($kit));
        $wide = min(180.0, 235.0 * $faces->width / $faces->height);
        $with = ['kit' => $kit, 'picture' => Svg::inline($faces->svg, "All cards of $kit->name", $wide)];

        return Pdf::render(view('all-faces', $with)->render(), $kit->unit)->bytes;
    }
}
