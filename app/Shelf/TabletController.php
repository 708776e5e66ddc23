<?php

namespace App\Shelf;

use App\Door\DeviceAccess;
use App\Journal\Journal;
use App\Table\TableNow;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Cookie;

/** Another device at the table. It gets in by a code on the screen, until the table is closed to others. */
final class TabletController
{
    private const COOKIE_DAYS = 30;

    private readonly DeviceAccess $door;

    public function __construct()
    {
        $this->door = DeviceAccess::in(config('app.door'));
    }

    public function show(Request $request, Journal $journal): TabletPage
    {
        $this->onThisMachineOnly();
        $code = $request->session()->get('code');

        return TabletPage::with(is_string($code) ? $code : null, $journal);
    }

    public function code(): RedirectResponse
    {
        $this->onThisMachineOnly();

        return to_route('tablet')->with(['code' => $this->door->code(), 'notice' => 'A code is shown. It lets one device in, once.']);
    }

    public function close(): RedirectResponse
    {
        $this->onThisMachineOnly();
        $this->door->close();

        return to_route('tablet')->with('notice', 'The table is closed to other devices.');
    }

    public function enter(string $code): RedirectResponse|Response
    {
        $token = $this->door->enter($code);
        if ($token === null) {
            $says = $this->door->closedFor() > 0
                ? 'Too many wrong codes were tried. Nobody is let in for ten minutes. Then ask for a new code.'
                : 'That code no longer works: it was used or is too old. Ask for a new one.';

            return response($says, 403, [
                'Content-Type' => 'text/plain; charset=utf-8',
            ]);
        }
        $cookie = Cookie::create(DeviceAccess::COOKIE, $token, now()->addDays(self::COOKIE_DAYS), sameSite: Cookie::SAMESITE_STRICT);

        return redirect('/')->withCookie($cookie);
    }

    /** Every page asks this several times a second while the table is shared. */
    public function now(): JsonResponse
    {
        return response()->json(['now' => TableNow::stamp()]);
    }

    /** A device that was let in cannot let others in. */
    private function onThisMachineOnly(): void
    {
        abort_if((bool) config('app.at_the_door'), 403);
    }
}
