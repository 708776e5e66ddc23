<?php

namespace App\Make;

use App\Drawing\StepPicture;
use App\Files\CardExport;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Files\Pdf;
use App\Models\Card;
use App\Table\TableState;
use App\Table\Workbench;
use App\Wording\Minutes;
use KeepShare\Core\Bench\Step;

/** The steps of one card, with a drawing for each: a sheet to hand out in a class. */
final class CardSteps implements CardExport
{
    public function path(): string
    {
        return 'steps.pdf';
    }

    public function label(): string
    {
        return 'Print its steps (PDF)';
    }

    public function media(): Media
    {
        return Media::Pdf;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Card;
    }

    public function fileName(Card $card): string
    {
        return "card-$card->number-steps.pdf";
    }

    public function write(Card $card): string
    {
        $state = TableState::of($card->kit);
        $bench = Workbench::of($state);
        $steps = $bench->steps[$card->id] ?? [];
        $atBench = $bench->cards[$card->id] ?? null;
        $html = view('card-steps', [
            'kit' => $state->kit,
            'card' => $card,
            'steps' => $steps,
            'pictures' => array_map(static fn (Step $step): ?string => StepPicture::of($step, $atBench), $steps),
            'wide' => StepPicture::WIDE,
            'time' => Minutes::of(array_sum(array_column($steps, 'seconds'))),
            'cautions' => array_values(array_unique(array_merge([], ...array_column($steps, 'cautions')))),
        ])->render();

        return Pdf::render($html, $state->kit->unit)->bytes;
    }
}
