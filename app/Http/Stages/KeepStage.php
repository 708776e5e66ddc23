<?php

namespace App\Http\Stages;

use App\Actions\BonusCards;
use App\Http\Controllers\KeepController;
use App\Models\Kit;
use App\Wording\Wording;

/** What is left, and what it still gives. */
final readonly class KeepStage implements Stage
{
    public function __construct(private BonusCards $bonus)
    {
    }

    public function key(): string
    {
        return 'keep';
    }

    public function label(): string
    {
        return 'Keep';
    }

    public function pages(): array
    {
        return [
            StagePage::at('keep', [KeepController::class, 'show'], 'The tray'),
            StagePage::at('keep/shopping', [KeepController::class, 'shopping'], 'Shopping list'),
            StagePage::at('keep/scraps', [KeepController::class, 'scraps'], 'Scrap box'),
        ];
    }

    public function figure(Kit $kit): string
    {
        if ($kit->cards()->doesntExist()) {
            return 'everything';
        }
        $found = $this->bonus->found($kit);

        return $found === null ? 'see what is left' : Wording::plural(count($found->cards), 'bonus card');
    }

    public function isOfStash(): bool
    {
        return false;
    }
}
