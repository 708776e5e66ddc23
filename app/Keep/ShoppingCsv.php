<?php

namespace App\Keep;

use App\Files\CsvText;
use App\Files\Media;

/** For a spreadsheet: a line for each thing of each list. */
final class ShoppingCsv extends ShoppingExport
{
    public function label(): string
    {
        return 'For a spreadsheet (CSV)';
    }

    public function media(): Media
    {
        return Media::Csv;
    }

    protected function ending(): string
    {
        return 'csv';
    }

    protected function written(Shopping $shopping): string
    {
        $lines = [['for', 'packs', 'what', 'lacking', 'or', 'price of one', 'price', 'currency']];
        foreach ($shopping->lists as $list) {
            foreach ($list->lines as $line) {
                $cost = $shopping->cost($line);
                $lines[] = [
                    $list->title,
                    (string) $line->packs,
                    $line->pack,
                    $line->lacks,
                    $line->or ?? '',
                    $shopping->price($line)?->amount() ?? '',
                    $cost?->amount() ?? '',
                    $cost->currency ?? '',
                ];
            }
        }

        return CsvText::of($lines);
    }
}
