<?php

namespace App\Shelf\Arrivals;

/** A file that this application has written, and says what it is. */
final class FileArrival implements Arrival
{
    public function offer(Brought $it): ?Offer
    {
        $name = $it->says('name');
        $called = $name === '' ? '' : ": $name";

        return match ($it->format()) {
            'keepshare/kit' => Offer::to('Bring it in', "A kit file$called.", '/kits', 'kit_file'),
            'keepshare/share-out' => Offer::to('Read it', 'A share-out, to be compared.', '/kits/{kit}/share-out/read', 'share_file')
                ->forKit($it->says('kit')),
            'keepshare/recipe' => Offer::to('Keep the recipe', "A recipe of cards$called.", '/kits/{kit}/recipes/read', 'recipe')
                ->forKit(''),
            'keepshare/record' => Offer::to('Read it onto its cards', 'What is remembered of cards.', '/kits/{kit}/tally/record', 'record_file')
                ->forKit($it->says('kit')),
            default => null,
        };
    }
}
