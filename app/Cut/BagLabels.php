<?php

namespace App\Cut;

use App\Files\KitExport;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Files\Pdf;
use App\Models\Card;
use App\Models\Kit;
use App\Models\Taking;
use App\Table\TableState;
use App\Wording\Wording;

/** A label for the bag of each card: its number, its occasion, and its pieces. */
final class BagLabels implements KitExport
{
    public function path(): string
    {
        return 'cut/labels.pdf';
    }

    public function label(): string
    {
        return 'Labels (PDF)';
    }

    public function media(): Media
    {
        return Media::Pdf;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Bags;
    }

    public function fileName(Kit $kit): string
    {
        return 'bag-labels.pdf';
    }

    public function write(Kit $kit): string
    {
        $html = view('bag-labels', ['kit' => $kit, 'rows' => array_chunk(self::of($kit), 2)])->render();

        return Pdf::render($html, $kit->unit)->bytes;
    }

    /** @return list<array{number: int, title: string, lines: list<string>}> */
    public static function of(Kit $kit): array
    {
        $state = TableState::of($kit);

        return array_values($state->cards->map(static fn (Card $card): array => [
            'number' => $card->number,
            'title' => "{$card->occasion->label()} · $kit->name",
            'lines' => array_values(
                $state->takings->where('card_id', $card->id)
                    ->map(static fn (Taking $taking): string => self::line($taking, $state))
                    ->all(),
            ),
        ])->all());
    }

    private static function line(Taking $taking, TableState $state): string
    {
        $core = $state->core[$taking->toCore()->component];
        $unit = $state->kit->unit;
        $amount = $taking->size()?->format($unit) ?? Wording::taken($core, $taking->quantity, $unit);

        return "{$taking->partName()}: $core->name".(in_array($amount, ['', '1'], true) ? '' : ", $amount");
    }
}
