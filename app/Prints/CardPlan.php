<?php

namespace App\Prints;

use App\Models\Card;
use App\Pages\CardPage;
use App\Table\TableState;
use Dompdf\Dompdf;
use Dompdf\Options;
use KeepShare\Core\Measure\Unit;

/** A card's plan on one page: the front to scale, sizes, the order of gluing. */
final class CardPlan
{
    public static function pdf(Card $card): string
    {
        $state = TableState::of($card->kit);
        $core = ($state->cards->get($card->id) ?? $card)->toCore();
        $options = new Options;
        // Nothing is fetched and no script runs: what is printed is all in the page.
        $options->setIsRemoteEnabled(false)->setIsPhpEnabled(false)->setDefaultFont('DejaVu Sans');
        $options->setTempDir(storage_path('framework/cache'))->setFontCache(storage_path('framework/cache'));
        $pdf = new Dompdf($options);
        $pdf->loadHtml(view('card-plan', [
            'kit' => $state->kit,
            'page' => CardPage::of($card),
            'width' => $core->front->width->exact(Unit::Millimetre),
            'height' => $core->front->height->exact(Unit::Millimetre),
            'svg' => 'data:image/svg+xml;base64,'.base64_encode(CardSvg::of($core, $state->core, $state->kit->unit, '')),
        ])->render());
        $pdf->setPaper($state->kit->unit->value === 'in' ? 'letter' : 'a4');
        $pdf->render();

        return (string) $pdf->output();
    }
}
