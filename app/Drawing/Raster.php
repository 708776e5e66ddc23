<?php

namespace App\Drawing;

use GdImage;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A drawing as pixels, for the photographs of the demo. */
final class Raster
{
    /**
     * @param  string  $svg  its size in millimetres
     * @param  float  $density  pixels a millimetre; where nothing is drawn there is nothing
     *
     * @throws RuntimeException where the converter is missing; bin/demo and bin/test install it
     */
    public static function bare(string $svg, float $density): GdImage
    {
        $dpi = (string) round(25.4 * $density);
        $convert = new Process(
            ['rsvg-convert', '--format=png', '--background-color=none', "--dpi-x=$dpi", "--dpi-y=$dpi"],
            input: $svg,
            timeout: 30,
        );
        $convert->run();
        if (! $convert->isSuccessful()) {
            throw new RuntimeException("The drawing could not be made a picture: {$convert->getErrorOutput()}");
        }

        return imagecreatefromstring($convert->getOutput()) ?: throw new RuntimeException('The drawing is no picture.');
    }
}
