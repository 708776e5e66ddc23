<?php

namespace App\Jobs;

use App\Actions\BetterPlan;
use App\Models\Kit;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

final class FindBetterPlan implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 600;

    public function __construct(private readonly int $kit, private readonly int $revision)
    {
    }

    public function handle(BetterPlan $plan): void
    {
        $plan->search(Kit::query()->findOrFail($this->kit), $this->revision);
    }

    public function failed(): void
    {
        app(BetterPlan::class)->forget(Kit::query()->findOrFail($this->kit));
    }
}
