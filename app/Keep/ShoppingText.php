<?php

namespace App\Keep;

use App\Files\Media;

/** To send to a telephone: a line for each thing. */
final class ShoppingText extends ShoppingExport
{
    public function label(): string
    {
        return 'As text';
    }

    public function media(): Media
    {
        return Media::Text;
    }

    protected function ending(): string
    {
        return 'txt';
    }

    protected function written(Shopping $shopping): string
    {
        $text = "{$shopping->kit->name}: what to buy\n";
        foreach ($shopping->lists as $list) {
            $text .= "\n$list->title\n";
            foreach ($list->lines as $line) {
                $cost = $shopping->cost($line);
                $text .= "- {$line->says()} ($line->lacks)".($line->or === null ? '' : "; or: $line->or")
                    .($cost === null ? '' : ", {$cost->amount()} $cost->currency")."\n";
            }
            $sum = $shopping->sum($list);
            $text .= $list->lines === [] ? "- nothing: it is all there\n" : '';
            $text .= $sum === null ? '' : "  together {$sum->amount()} $sum->currency".self::besides($shopping->unpriced($list))."\n";
        }

        return $text;
    }

    private static function besides(int $unpriced): string
    {
        return $unpriced === 0 ? '' : ' and '.($unpriced === 1 ? 'one thing' : "$unpriced things").' without a price';
    }
}
