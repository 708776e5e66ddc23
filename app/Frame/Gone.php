<?php

namespace App\Frame;

use App\Journal\Journal;
use App\Models\Kit;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is asked for is not there, or no longer: undone, or removed in another tab. The frame of the application says so
 * and leads on. After an act the page leads there by itself.
 */
final readonly class Gone
{
    private const SAYS = 'What you asked for is no longer there. It may have been removed or undone, here or in another tab.';

    private const UNDONE = 'What you wanted to change is no longer there. Nothing was changed.';

    private function __construct(private Request $request)
    {
    }

    /** @return Response|null null where a bare answer will do: files, and what no page asks for */
    public static function answer(Request $request): ?Response
    {
        return (new self($request))->answered();
    }

    private function answered(): ?Response
    {
        $isPage = $this->request->header('X-Inertia') === 'true';
        if (! $this->request->isMethodSafe()) {
            return $isPage ? back()->withErrors(['table' => self::UNDONE]) : null;
        }
        $isFile = str_contains(basename($this->request->path()), '.');
        if (! $isPage && ($isFile || $this->request->expectsJson() || ! $this->request->hasSession())) {
            return null;
        }
        [$way, $label] = $this->way();
        if ($isPage && $this->request->session()->has('notice')) {
            $this->request->session()->reflash();

            return redirect($way);
        }
        // A missing record is found before the frame of the page is made.
        $frame = app(HandleInertiaRequests::class);
        Inertia::share($frame->share($this->request));
        Inertia::version(fn (): ?string => $frame->version($this->request));
        $page = new GonePage('Not here', self::SAYS, $way, $label, app(Journal::class)->atHand(null));

        return $page->toResponse($this->request)->setStatusCode($isPage ? 200 : 404);
    }

    /** @return array{string, string} the address and the name of the page it was reached from */
    private function way(): array
    {
        $segments = $this->request->segments();
        $kit = ($segments[0] ?? '') === 'kits' ? Kit::query()->where('is_deleted', false)->find((int) ($segments[1] ?? 0)) : null;
        if ($kit === null) {
            return [route('shelf', [], false), 'the shelf'];
        }
        $stage = $this->stage($segments[2] ?? '');

        return $stage === null
            ? [route('kits.show', $kit, false), $kit->name]
            : [route($stage->pages()[0]->routeName(), $kit, false), $stage->label()];
    }

    private function stage(string $root): ?Stage
    {
        $pages = Stages::pages();
        foreach (Stages::all() as $stage) {
            foreach ($pages[$stage->key()] as $page) {
                if ($page->root() === $root) {
                    return $stage;
                }
            }
        }

        return null;
    }
}
