<?php

namespace App\Http\Stages;

use App\Http\Controllers\AboutController;
use App\Http\Controllers\AddController;
use App\Http\Controllers\CheckController;
use App\Http\Controllers\CountController;
use App\Http\Controllers\LooksController;
use App\Http\Controllers\PhotographsController;
use App\Http\Controllers\UnpackController;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use KeepShare\Core\Kit\Kind;

/** What came in the box, beside its packing list. */
final class UnpackStage implements Stage
{
    public function key(): string
    {
        return 'unpack';
    }

    public function label(): string
    {
        return 'Unpack';
    }

    public function pages(): array
    {
        return [
            StagePage::at('unpack', [UnpackController::class, 'show'], 'Look'),
            StagePage::at('count', [CountController::class, 'show'], 'Count'),
            StagePage::at('add', [AddController::class, 'show'], 'Add lines'),
            StagePage::at('photographs', [PhotographsController::class, 'index'], 'From photographs'),
            StagePage::behind('photographs/{photograph}/look', [PhotographsController::class, 'show']),
            StagePage::at('check', [CheckController::class, 'show'], 'Check lines'),
            StagePage::at('about', [AboutController::class, 'show'], 'About the kit'),
            StagePage::behind('looks/{component}', [LooksController::class, 'show']),
        ];
    }

    public function figure(Kit $kit): string
    {
        $isCounted = static fn (Kind $kind): bool => ! $kind->isEndless() && ! $kind->isByLength();
        $counted = $kit->components()->reorder()->whereIn('kind', array_filter(Kind::cases(), $isCounted));
        $delta = (int) LedgerEntry::query()
            ->whereIn('component_id', $counted->clone()->select('id'))
            ->whereIn('reason', LedgerReason::ofCounting())
            ->sum('delta');
        $listed = (int) $counted->sum('listed');
        if ($listed === 0 && $delta === 0) {
            return 'nothing yet';
        }
        $lines = $kit->components();
        if ($delta === 0 && $lines->clone()->where('is_counted', true)->doesntExist()) {
            return "$listed listed";
        }
        $isDone = $lines->where('is_counted', false)->doesntExist();

        return sprintf('%d of %d here%s', $listed + $delta, $listed, $isDone ? ', counted' : '');
    }

    public function isOfStash(): bool
    {
        return true;
    }
}
