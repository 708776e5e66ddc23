<?php

namespace App\Jobs;

use App\Actions\NextCards;
use App\Models\Kit;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

final class FindNextCards implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 300;

    public function __construct(private readonly int $kit)
    {
    }

    public function handle(NextCards $next): void
    {
        $next->find(Kit::query()->findOrFail($this->kit));
    }
}
