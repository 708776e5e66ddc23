<?php

namespace App\Prints;

use Dompdf\Dompdf;
use Dompdf\Options;
use KeepShare\Core\Measure\Unit;

/** A page made of HTML of ours, on the paper of the country. */
final class Pdf
{
    public static function render(string $html, Unit $unit): Dompdf
    {
        $options = new Options;
        // Nothing is fetched and no script runs: what is printed is all in the page.
        $options->setIsRemoteEnabled(false)->setIsPhpEnabled(false)->setDefaultFont('DejaVu Sans');
        $options->setTempDir(storage_path('framework/cache'))->setFontCache(storage_path('framework/cache'));
        $pdf = new Dompdf($options);
        $pdf->loadHtml($html);
        $pdf->setPaper($unit === Unit::Inch ? 'letter' : 'a4');
        $pdf->render();

        return $pdf;
    }
}
