<?php

namespace App\Keep;

/** What matches a search. */
final readonly class Finds
{
    /**
     * @param  list<FoundSheet>  $sheets  the best first
     * @param  int  $more  so many more answer to it, and are not among them
     * @param  list<FoundThing>  $things  ready-made
     * @param  list<string>  $unknown  words that nothing is known by, where nothing was found
     */
    public function __construct(public array $sheets, public int $more, public array $things, public array $unknown)
    {
    }
}
