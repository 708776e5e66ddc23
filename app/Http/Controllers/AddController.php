<?php

namespace App\Http\Controllers;

use App\Actions\ImportKit;
use App\Models\Kit;
use App\Pages\AddPage;
use App\Pages\LineView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use KeepShare\Core\Entry\BadLine;
use KeepShare\Core\Entry\LineParser;
use KeepShare\Core\Kit\Component as CoreComponent;

/** Lines typed by hand. */
final class AddController
{
    public function show(Kit $kit): AddPage
    {
        return AddPage::of($kit);
    }

    /** How a line is understood, while it is being typed. */
    public function read(Kit $kit, Request $request): JsonResponse
    {
        try {
            $components = $this->parse($kit, $request->string('line')->toString());
            $says = static fn (CoreComponent $one): string => LineView::of($one, $kit->unit);

            return response()->json(['said' => array_map($says, $components)]);
        } catch (BadLine $bad) {
            return response()->json(['fault' => $bad->getMessage(), 'at' => $bad->at, 'length' => $bad->length]);
        }
    }

    public function store(Kit $kit, Request $request, ImportKit $import): RedirectResponse
    {
        try {
            $components = $this->parse($kit, $request->string('line')->toString());
        } catch (BadLine $bad) {
            return back()->withErrors(['line' => $bad->getMessage()]);
        }
        $import->append($kit, $components);

        return to_route('kits.add', $kit);
    }

    /** @return list<CoreComponent> */
    private function parse(Kit $kit, string $line): array
    {
        return LineParser::parse($line, $kit->unit, $kit->front(), $kit->keys());
    }
}
