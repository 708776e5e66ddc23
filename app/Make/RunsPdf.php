<?php

namespace App\Make;

use App\Files\KitExport;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Files\Pdf;
use App\Models\Kit;
use App\Table\TableState;
use App\Table\Workbench;
use App\Wording\Minutes;
use KeepShare\Core\Bench\School;

/** The runs to hang on the wall: one tool after the other, with a box to tick for every step. */
final class RunsPdf implements KitExport
{
    public function path(): string
    {
        return 'make/runs.pdf';
    }

    public function label(): string
    {
        return 'Print the runs (PDF)';
    }

    public function media(): Media
    {
        return Media::Pdf;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Runs;
    }

    public function fileName(Kit $kit): string
    {
        return 'runs.pdf';
    }

    public function write(Kit $kit): string
    {
        $plan = Workbench::of(TableState::of($kit))->plan(School::Runs);
        $html = view('runs', [
            'kit' => $kit,
            'runs' => $plan->runs(),
            'setUps' => $plan->order->setUps,
            'time' => Minutes::of($plan->order->seconds()),
        ])->render();

        return Pdf::render($html, $kit->unit)->bytes;
    }
}
