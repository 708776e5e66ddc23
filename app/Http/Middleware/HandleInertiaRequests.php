<?php

namespace App\Http\Middleware;

use App\Models\Kit;
use App\Pages\KitFrame;
use Illuminate\Http\Request;
use Inertia\Middleware;

final class HandleInertiaRequests extends Middleware
{
    protected $rootView = 'app';

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        $kit = $request->route('kit');

        return [
            ...parent::share($request),
            'frame' => fn (): ?array => $kit instanceof Kit ? app(KitFrame::class)->of($kit->refresh()) : null,
            'notice' => fn () => $request->session()->get('notice'),
        ];
    }
}
