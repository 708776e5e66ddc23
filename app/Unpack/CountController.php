<?php

namespace App\Unpack;

use App\Cutting\IsCut;
use App\Ledger\MoveComponent;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerReason;
use App\Table\TableState;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;

final class CountController
{
    public function show(Kit $kit): CountPage
    {
        return CountPage::of($kit);
    }

    public function store(Kit $kit, Component $component, Request $request, CountComponent $count): RedirectResponse
    {
        if ($component->kind->isByLength()) {
            $request->merge(['counted' => self::units($request->string('counted')->toString(), $kit)]);
        }
        $request->validate(
            [
                'counted' => ['required', 'regex:/^\d{1,9}$/', 'integer', 'max:'.self::most($component)],
                'reason' => [Rule::in(array_column(LedgerReason::ofFewer(), 'value'))],
                'note' => ['nullable', 'string', 'max:200'],
            ],
            [
                'counted.*' => sprintf('Write how many there are, in figures: 0 to %d.', self::most($component)),
                'note.*' => 'The note is longer than 200 characters.',
            ],
        );
        try {
            $count->count(
                $component,
                $request->integer('counted'),
                $request->integer('was'),
                LedgerReason::from($request->string('reason', LedgerReason::Lost->value)->toString()),
                $request->string('note')->toString(),
            );
        } catch (IsCut $cut) {
            throw ValidationException::withMessages(['cut' => $cut->getMessage()]);
        }

        $short = TableState::of($kit)->shorts()[$component->id] ?? null;

        return $short === null
            ? back()
            : back()->with(
                'notice',
                sprintf(
                    '%s without %s now. Its row on Share out shows the ways out.',
                    $short->pluck('card_id')->unique()->count() === 1
                        ? '1 card is'
                        : $short->pluck('card_id')->unique()->count().' cards are',
                    $component->name,
                ),
            );
    }

    private static function most(Component $component): int
    {
        return match (true) {
            $component->kind->isSheets() => 500,
            $component->kind->isByLength() => PHP_INT_MAX,
            default => 100_000,
        };
    }

    /** @throws ValidationException when it is no length */
    private static function units(string $text, Kit $kit): int
    {
        try {
            return Length::parse($text, $kit->unit)->units;
        } catch (BadMeasure $wrong) {
            throw ValidationException::withMessages(['counted' => $wrong->getMessage()]);
        }
    }

    public function allThere(Kit $kit, CountComponent $count): RedirectResponse
    {
        $count->allThere($kit);

        return back();
    }

    public function move(Kit $kit, Component $component, Request $request, MoveComponent $move): RedirectResponse
    {
        $request->validate(
            ['count' => ['required', 'regex:/^\d{1,6}$/', 'integer', 'min:1']],
            ['count.*' => 'Write how many to move, in figures, from 1.'],
        );
        $to = Kit::query()->findOrFail($request->integer('to'));
        abort_unless($to->is_stash !== $kit->is_stash, 422);
        $move->move($kit, $component, $to, $request->integer('count'), $request->integer('revision'));

        return back()->with('notice', "Moved to $to->name.");
    }
}
