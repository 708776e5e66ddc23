<?php

namespace App\Unpack;

use App\Acts\AtField;
use App\Models\Component;
use App\Models\Kit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Measure\Size;

/** Corrects lines of the packing list. */
final readonly class CheckController
{
    public function __construct(private CorrectLine $correct)
    {
    }

    public function show(Kit $kit): CheckPage
    {
        return CheckPage::of($kit);
    }

    /** One field of a line. "field" says which. */
    public function store(Kit $kit, Component $component, Request $request): RedirectResponse
    {
        $value = $request->string('value')->trim()->toString();
        $revision = $request->integer('revision');
        match ($request->string('field')->toString()) {
            'name' => $this->correct->rename($kit, $component, self::name($value), $revision),
            'size' => $this->correct->resize($kit, $component, self::size($value, $kit), $revision),
            'count' => $this->correct->relist($kit, $component, self::number($value), $revision),
            'colour' => $this->correct->recolour($kit, $component, $request->string('at')->toString(), self::colour($value), $revision),
            'right' => $this->correct->confirm($kit, $component, $revision),
            default => abort(404),
        };

        return to_route('kits.check', $kit);
    }

    public function destroy(Kit $kit, Component $component, Request $request): RedirectResponse
    {
        $this->correct->takeOut($kit, $component, $request->integer('revision'));

        return to_route('kits.check', $kit)->with('notice', "$component->name is removed from the list. Undo brings it back.");
    }

    private static function name(string $value): string
    {
        return $value !== '' && mb_strlen($value) <= 200
            ? $value
            : throw ValidationException::withMessages(['value' => 'Write a name of up to 200 characters.']);
    }

    private static function size(string $value, Kit $kit): Size
    {
        return AtField::of('value', static fn (): Size => Size::said($value, $kit->unit));
    }

    private static function colour(string $value): string
    {
        return preg_match('/^#[0-9a-fA-F]{6}$/', $value) === 1
            ? mb_strtolower($value)
            : throw ValidationException::withMessages(['value' => 'Write the colour as in #2b6b5a.']);
    }

    private static function number(string $value): int
    {
        return preg_match('/^\d{1,5}$/', $value) === 1
            ? (int) $value
            : throw ValidationException::withMessages(['value' => 'Write how many the list says, in figures.']);
    }
}
