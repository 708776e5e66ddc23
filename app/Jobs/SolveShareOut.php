<?php

namespace App\Jobs;

use App\Actions\ShareOutKit;
use App\Models\Solve;
use App\Models\SolveState;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

final class SolveShareOut implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 300;

    public function __construct(private readonly int $solve)
    {
    }

    public function handle(ShareOutKit $shareOut): void
    {
        $shareOut->solve(Solve::query()->with('kit')->findOrFail($this->solve));
    }

    public function failed(?Throwable $reason): void
    {
        Solve::query()->whereKey($this->solve)->update(['state' => SolveState::Failed, 'message' => 'The share-out broke off. Nothing was changed; try again.']);
    }
}
