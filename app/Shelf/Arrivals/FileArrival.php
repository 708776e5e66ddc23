<?php

namespace App\Shelf\Arrivals;

/** A file that this application has written and that names its format. */
final class FileArrival implements Arrival
{
    public function offer(Brought $it): ?Offer
    {
        $name = $it->says('name');
        $called = $name === '' ? '' : ": $name";

        $kit = $it->says('kit');

        return match ($it->format()) {
            'keepshare/kit' => Offer::to('Bring in the file', "A kit file$called.", '/kits', 'kit_file'),
            'keepshare/share-out' => self::ofKit('Read it', 'A share-out, to be compared.', 'share-out/read', 'share_file', $kit),
            'keepshare/recipe' => self::ofKit('Save the recipe', "A recipe of cards$called.", 'recipes/read', 'recipe'),
            'keepshare/record' => self::ofKit('Read it', 'What is remembered of cards.', 'tally/record', 'record_file', $kit),
            // A file without a format may be meant as a kit. Its faults are shown when it is read.
            null => str_contains($it->start, '"components"')
                ? Offer::to('Read it as a kit', "A file that may be a kit$called.", '/kits', 'kit_file')
                : null,
            default => null,
        };
    }

    private static function ofKit(string $does, string $says, string $path, string $field, string $kit = ''): Offer
    {
        return Offer::to($does, $says, "/kits/{kit}/$path", $field)->forKit($kit);
    }
}
