<?php

namespace App\Shelf;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use KeepShare\Core\Kit\BadKit;

/** Asks the kit post for the packing list of a kit by its code. The one that ships is a stand-in: standins/kit-post. */
final class KitPost
{
    private const SECONDS = 3;

    /**
     * @return string a keepshare/kit file, still to be read
     *
     * @throws BadKit saying why there is none
     */
    public function fetch(string $code): string
    {
        if (preg_match('/^[A-Za-z]{2,12}-\d{1,4}$/', $code) !== 1) {
            throw BadKit::at('', 'A code is a word and a number, such as ORCHARD-12.');
        }
        try {
            $answer = Http::timeout(self::SECONDS)
                ->connectTimeout(2)
                ->acceptJson()
                ->get(rtrim((string) config('services.kit_post'), '/').'/kits/'.strtoupper($code));
        } catch (ConnectionException) {
            throw BadKit::at(
                '',
                sprintf(
                    'The kit post does not answer within %d seconds. Nothing was brought in; try again later, or use a file.',
                    self::SECONDS,
                ),
            );
        }
        if ($answer->status() === 404) {
            throw BadKit::at('', "The kit post knows no kit with the code $code.");
        }

        return $answer->successful()
            ? $answer->body()
            : throw BadKit::at(
                '',
                "The kit post answered with an error ({$answer->status()}). Nothing was brought in.",
            );
    }
}
