<?php

namespace App\Frame;

use App\Http\Middleware\StartSession;
use App\Journal\Journal;
use App\Models\Kit;
use App\Table\TableNow;
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
            'frame' => fn (): ?KitFrame => $kit instanceof Kit ? KitFrame::of($kit, app(Journal::class)) : null,
            'shared' => fn (): ?string => TableNow::whereShared(),
            'notice' => fn () => StartSession::isLookingOn($request) ? null : $request->session()->get('notice'),
        ];
    }

    /** A refusal is shown in the tab that caused it, and stays while that tab polls. */
    public function resolveValidationErrors(Request $request): object
    {
        return StartSession::isLookingOn($request) ? (object) [] : parent::resolveValidationErrors($request);
    }
}
