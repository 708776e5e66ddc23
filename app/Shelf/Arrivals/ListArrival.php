<?php

namespace App\Shelf\Arrivals;

use App\Shelf\Csv;
use App\Shelf\LastCurrency;
use App\Wording\Wording;
use KeepShare\Core\Entry\PackingText;
use KeepShare\Core\Entry\ReadLine;
use KeepShare\Core\Entry\TitleLine;

/** A packing list as text, in any style. */
final class ListArrival implements Arrival
{
    public function offer(Brought $it): ?Offer
    {
        $isText = mb_check_encoding($it->start, 'UTF-8') && preg_match('/[\x00-\x08]/', $it->start) !== 1;
        if (! $isText || preg_match('/^\s*[{[<]/', $it->start) === 1) {
            return null;
        }
        $list = Csv::asList($it->start);
        $title = TitleLine::above($list, LastCurrency::now());
        $lines = array_filter(
            PackingText::read($list, $title->unit, $title->front),
            static fn (ReadLine $line): bool => ! $line->isHeading,
        );
        $refused = array_filter($lines, static fn (ReadLine $line): bool => $line->fault !== null);
        $many = Wording::plural(count($lines), 'line');
        $asked = $refused === [] ? '' : '; '.Wording::plural(count($refused), 'line').' will be asked about';

        $says = $lines === [] ? 'A new kit; its lines are written next.' : "A packing list of $many, for a new kit$asked.";

        return Offer::to('Begin a kit with it', $says, '/kits/list', 'list')
            ->with(About::of($title));
    }
}
