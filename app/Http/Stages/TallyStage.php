<?php

namespace App\Http\Stages;

use App\Http\Controllers\MaterialsController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\TallyController;
use App\Models\Kit;
use App\Table\KitsGave;
use KeepShare\Core\Kit\Price;

/** What the kit gave. */
final class TallyStage implements Stage
{
    public function key(): string
    {
        return 'tally';
    }

    public function label(): string
    {
        return 'Tally';
    }

    public function pages(): array
    {
        return [
            StagePage::at('tally', [TallyController::class, 'show'], 'Tally'),
            StagePage::at('tally/cards', [RecordController::class, 'show'], 'The cards'),
            StagePage::at('tally/materials', [MaterialsController::class, 'show'], 'Materials'),
        ];
    }

    public function figure(Kit $kit): string|Price
    {
        $cards = $kit->cards()->count();

        return $cards === 0 ? 'no cards yet' : KitsGave::each($kit) ?? '';
    }

    public function isOfStash(): bool
    {
        return false;
    }
}
