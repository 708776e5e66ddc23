<?php

namespace App\Http\Stages;

use App\Http\Controllers\MakeController;
use App\Models\Kit;
use App\Table\Workbench;
use App\Wording\Wording;

/** The pieces become cards: in runs, step by step. */
final class MakeStage implements Stage
{
    public function key(): string
    {
        return 'make';
    }

    public function label(): string
    {
        return 'Make';
    }

    public function pages(): array
    {
        return [
            StagePage::at('make', [MakeController::class, 'show'], 'Runs'),
            StagePage::at('make/table', [MakeController::class, 'table'], 'At the table'),
            StagePage::behind('make/cards/{card}', [MakeController::class, 'apart']),
        ];
    }

    public function figure(Kit $kit): string
    {
        return sprintf('%d of %s', Workbench::madeOf($kit), Wording::plural($kit->cards()->count(), 'card'));
    }

    public function isOfStash(): bool
    {
        return false;
    }
}
