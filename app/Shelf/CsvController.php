<?php

namespace App\Shelf;

use App\Ledger\ImportKit;
use App\Models\CsvMapping;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use KeepShare\Core\Entry\CsvLine;
use KeepShare\Core\Entry\CsvList;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** A packing list as CSV: which column is which, what every line says, and then the kit. */
final class CsvController
{
    public static function keep(string $name, string $bytes): string
    {
        Csv::parse($bytes);
        $token = bin2hex(random_bytes(12));
        Cache::put("csv:$token", ['name' => $name, 'bytes' => base64_encode($bytes)], 3_600);

        return $token;
    }

    public function show(string $token, Request $request): PackingListPage|RedirectResponse
    {
        [$name, $csv] = self::kept($token);
        if ($csv === null) {
            return to_route('shelf')->withErrors(['kit_file' => 'That file is no longer there. Choose it again.']);
        }
        $unit = Unit::tryFrom($request->string('unit')->toString()) ?? Unit::Inch;

        return PackingListPage::of($token, $name, $csv, self::columns($csv), $unit);
    }

    public function map(string $token, Request $request): RedirectResponse
    {
        [, $csv] = self::kept($token);
        if ($csv !== null) {
            $columns = [];
            foreach ($request->array('columns') as $column => $at) {
                if (in_array($column, CsvList::COLUMNS, true) && is_numeric($at) && isset($csv->header[(int) $at])) {
                    $columns[$column] = (int) $at;
                }
            }
            if (array_diff(CsvList::NEEDED, array_keys($columns)) !== []) {
                return back()->withErrors(['columns' => 'Say which column is the kind and which is the name.']);
            }
            CsvMapping::query()->updateOrCreate(['header_hash' => $csv->hash()], ['columns' => $columns]);
        }

        return to_route('csv.show', ['token' => $token, 'unit' => $request->string('unit')->toString()]);
    }

    public function store(string $token, Request $request, ImportKit $import): RedirectResponse
    {
        [, $csv] = self::kept($token);
        $columns = $csv === null ? null : self::columns($csv);
        if ($csv === null || $columns === null) {
            return to_route('csv.show', $token);
        }
        $request->validate(
            ['name' => ['required', 'string', 'max:200'], 'unit' => ['required', 'in:in,mm']],
            ['name.*' => 'Give the kit a name of up to 200 characters.'],
        );
        $unit = Unit::from($request->string('unit')->toString());
        try {
            $front = Size::parse($request->string('width')->toString(), $request->string('height')->toString(), $unit);
        } catch (BadMeasure $wrong) {
            return back()->withErrors(['front' => $wrong->getMessage()]);
        }
        $lines = CsvList::read($csv->by($columns), $unit);
        $components = array_values(array_filter(array_map(static fn (CsvLine $line): ?Component => $line->component, $lines)));
        if (count($components) !== count($lines) || $components === []) {
            return back()->withErrors(['lines' => 'Nothing was brought in: a line has a problem still.']);
        }
        $kit = $import->bringIn(Kit::of($request->string('name')->trim()->toString(), $unit, $front, 0, null, $components));
        Cache::forget("csv:$token");

        return to_route('kits.show', $kit)->with('notice', "$kit->name is on the table.");
    }

    /** @return array{string, Csv|null} */
    private static function kept(string $token): array
    {
        $kept = preg_match('/^[0-9a-f]{24}$/', $token) === 1 ? Cache::get("csv:$token") : null;

        return is_array($kept) ? [$kept['name'], Csv::parse((string) base64_decode($kept['bytes']))] : ['', null];
    }

    /** @return array<string, int>|null null where the maker has to say */
    private static function columns(Csv $csv): ?array
    {
        $known = $csv->known();
        if (array_diff(CsvList::NEEDED, array_keys($known)) === [] && count($known) === count($csv->header)) {
            return $known;
        }

        return CsvMapping::query()->where('header_hash', $csv->hash())->first()?->columns;
    }
}
