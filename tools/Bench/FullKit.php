<?php

namespace Tools\Bench;

use App\Ledger\ImportKit;
use App\Models\Kit;
use Database\Demo\Demo;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KitFile;

/** The demo kit with other counts: as many of each as a file may have. */
final class FullKit
{
    /** The most sheets of a kit. */
    private const SHEETS_IN_ALL = 5_000;

    /**
     * @param  int  $sheets  of each that is a sheet, or fewer where the kit would have more than it may
     * @param  int  $things  of each other that is counted
     */
    public static function ofEach(string $name, int $sheets, int $things): Kit
    {
        $file = json_decode(KitFile::write(Demo::file('harbour-lanterns')), true, flags: JSON_THROW_ON_ERROR);
        $isSheet = static fn (array $line): bool => Kind::from($line['kind'])->isSheets();
        $each = min($sheets, intdiv(self::SHEETS_IN_ALL, count(array_filter($file['components'], $isSheet))));
        foreach ($file['components'] as &$line) {
            if (isset($line['count'])) {
                $line['count'] = $isSheet($line) ? $each : $things;
            }
        }
        $file['name'] = $name;

        return app(ImportKit::class)->fromFile(json_encode($file, JSON_THROW_ON_ERROR));
    }
}
