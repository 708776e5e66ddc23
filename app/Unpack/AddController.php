<?php

namespace App\Unpack;

use App\Ledger\ImportKit;
use App\Ledger\PastedList;
use App\Models\Kit;
use App\View\LineView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use KeepShare\Core\Entry\BadLine;
use KeepShare\Core\Entry\LeftOver;
use KeepShare\Core\Entry\LineParser;
use KeepShare\Core\Entry\PackingText;
use KeepShare\Core\Entry\ReadLine;
use KeepShare\Core\Kit\Component as CoreComponent;

/** Lines typed by hand. */
final class AddController
{
    /** The most characters of a pasted list. */
    private const LONGEST = 60_000;

    public function show(Kit $kit): AddPage
    {
        return AddPage::of($kit);
    }

    /** How a line is understood while it is being typed. */
    public function read(Kit $kit, Request $request): JsonResponse
    {
        try {
            $line = $request->string('line')->toString();
            $components = $this->parse($kit, $line);
            $says = static fn (CoreComponent $one): string => LineView::of($one, $kit->unit);

            return response()->json([
                'said' => array_map($says, $components),
                'leftOver' => LeftOver::of($line, $components, $kit->unit),
            ]);
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

    /** How each line of a pasted list is understood. */
    public function readList(Kit $kit, Request $request): JsonResponse
    {
        $says = static fn (CoreComponent $one): string => LineView::of($one, $kit->unit);
        $lines = array_map(static fn (ReadLine $line): array => [
            'number' => $line->number,
            'text' => $line->text,
            'isHeading' => $line->isHeading,
            'said' => array_map($says, $line->components),
            'guesses' => array_values(array_unique(array_merge([], ...array_column($line->components, 'guesses')))),
            'leftOver' => $line->leftOver,
            'sum' => $line->sum,
            'fault' => $line->fault?->getMessage(),
            'at' => $line->fault?->at,
            'length' => $line->fault?->length,
        ], $this->lines($kit, $request));

        return response()->json(['lines' => $lines]);
    }

    /** Adds the understood lines of a pasted list in one act. The others stay with the maker. */
    public function storeList(Kit $kit, Request $request, ImportKit $import): RedirectResponse
    {
        $lines = $this->lines($kit, $request);
        $components = array_merge([], ...array_map(static fn (ReadLine $line): array => $line->components, $lines));
        if ($components === []) {
            return back()->withErrors(['text' => 'No line is understood yet. Look at the marked words.']);
        }
        $import->append($kit, $components);
        PastedList::put($kit, self::left($lines));

        return to_route('kits.add', $kit)->with('notice', count($components).' lines are kept.');
    }

    /**
     * The lines that were not understood, each below its heading.
     *
     * @param  list<ReadLine>  $lines
     */
    private static function left(array $lines): string
    {
        $left = [];
        $heading = null;
        foreach ($lines as $line) {
            $heading = $line->isHeading ? rtrim($line->text, ':').':' : $heading;
            if ($line->fault === null) {
                continue;
            }
            array_push($left, ...$heading === null ? [] : [$heading], ...[$line->text]);
            $heading = null;
        }

        return implode("\n", $left);
    }

    /** @return list<ReadLine> */
    private function lines(Kit $kit, Request $request): array
    {
        $text = mb_substr($request->string('text')->toString(), 0, self::LONGEST);

        return PackingText::read($text, $kit->unit, $kit->front(), $kit->keys());
    }

    /** @return non-empty-list<CoreComponent> */
    private function parse(Kit $kit, string $line): array
    {
        return LineParser::parse($line, $kit->unit, $kit->front(), $kit->keys());
    }
}
