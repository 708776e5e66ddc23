<?php

namespace App\Drawing;

use GdImage;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A drawing as a photograph for the PDF maker, which knows no patterns. */
final class Raster
{
    private const DPI = '300';

    private const QUALITY = 92;

    /**
     * @param  string  $svg  its size in millimetres is that on the page
     * @return string where it is, for an image on the page
     *
     * @throws RuntimeException where the converter is missing; bin/demo and bin/test install it
     */
    public static function of(string $svg): string
    {
        $png = imagecreatefromstring(self::png($svg)) ?: throw new RuntimeException('The drawing is no picture.');
        ob_start();
        imagejpeg($png, null, self::QUALITY);

        // As JPEG: of a PNG the PDF maker takes the see-through part off dot by dot.
        return 'data:image/jpeg;base64,'.base64_encode((string) ob_get_clean());
    }

    /** @param  float  $density  pixels a millimetre; where nothing is drawn there is nothing */
    public static function bare(string $svg, float $density): GdImage
    {
        $dpi = (string) round(25.4 * $density);

        return imagecreatefromstring(self::png($svg, $dpi, 'none')) ?: throw new RuntimeException('The drawing is no picture.');
    }

    private static function png(string $svg, string $dpi = self::DPI, string $ground = 'white'): string
    {
        $convert = new Process(
            ['rsvg-convert', '--format=png', "--background-color=$ground", "--dpi-x=$dpi", "--dpi-y=$dpi"],
            env: ['FONTCONFIG_FILE' => self::fonts()],
            input: $svg,
            timeout: 30,
        );
        $convert->run();
        if (! $convert->isSuccessful()) {
            throw new RuntimeException("The drawing could not be made a picture: {$convert->getErrorOutput()}");
        }

        return $convert->getOutput();
    }

    /** The typefaces that ship with the PDF maker, so that a print looks the same on every machine. */
    private static function fonts(): string
    {
        $file = storage_path('framework/cache/fonts.conf');
        if (! is_file($file)) {
            $cache = storage_path('framework/cache/fonts');
            $folder = base_path('vendor/dompdf/dompdf/lib/fonts');
            $config = "<fontconfig><dir>$folder</dir><cachedir>$cache</cachedir></fontconfig>";
            file_put_contents($file, "<?xml version=\"1.0\"?>$config", LOCK_EX);
        }

        return $file;
    }
}
