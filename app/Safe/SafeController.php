<?php

namespace App\Safe;

use App\Journal\Journal;
use App\Models\Setting;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Saving and opening the whole table, and its copies. */
final class SafeController
{
    public function show(Journal $journal): SafePage
    {
        return SafePage::now($journal);
    }

    public function save(): RedirectResponse
    {
        return self::begun(TableWork::save(...));
    }

    public function saved(): BinaryFileResponse
    {
        $work = TableWork::last();
        abort_if($work === null || $work['what'] !== 'save' || $work['state'] !== 'done' || ! is_file($work['path']), 404);

        return response()->download($work['path'], $work['name']);
    }

    public function open(OpenTableRequest $request): RedirectResponse
    {
        [$path, $name] = $request->laid();

        return self::begun(static fn () => $request->boolean('instead') ? TableWork::instead($path, $name) : TableWork::open($path, $name));
    }

    /** Puts the samples aside as a copy and empties the table. */
    public function own(): RedirectResponse
    {
        abort_unless(Setting::areSamples(), 404);

        return self::begun(TableWork::startOwn(...));
    }

    public function stop(): RedirectResponse
    {
        TableWork::stop();

        return to_route('safe');
    }

    public function copy(string $name): BinaryFileResponse
    {
        return response()->download(self::path($name));
    }

    public function openCopy(string $name, Request $request): RedirectResponse
    {
        $path = self::path($name);

        return self::begun(static fn () => $request->boolean('instead') ? TableWork::instead($path, $name) : TableWork::open($path, $name));
    }

    private static function path(string $name): string
    {
        return Copies::kept()?->path($name) ?? abort(404);
    }

    /** @param  Closure(): void  $begin */
    private static function begun(Closure $begin): RedirectResponse
    {
        try {
            $begin();
        } catch (BadTable $wrong) {
            throw ValidationException::withMessages(['table' => $wrong->getMessage()]);
        }

        return to_route('safe');
    }
}
