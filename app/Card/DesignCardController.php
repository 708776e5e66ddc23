<?php

namespace App\Card;

use App\Acts\CardRequest;
use App\Cards\Design;
use App\Journal\Journal;
use App\Models\Card;
use App\Models\Kit;
use App\Models\OwnSketch;
use App\Table\TableState;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Bench\Treat\Treatments;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\Part;
/** Changes to the design of one card. Each is an act. */
use KeepShare\Core\Table\Preferences;

final readonly class DesignCardController
{
    public function __construct(private Design $design, private Journal $journal)
    {
    }

    public function sketch(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $sketch = OwnSketch::shelf()[$request->text('sketch')] ?? abort(422);

        $request->at('sketch', fn () => $this->design->sketch($card, $sketch, $request->revision()));

        return back();
    }

    public function turn(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $request->at('turn', fn () => $this->design->turn($card, $request->revision()));

        return back();
    }

    /** A width of the frame: 0 for a covered front, empty for that of the sketch, or marks more or fewer. */
    public function frame(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $text = $request->text('frame');
        $request->at('frame', fn () => $this->design->frame($card, match (true) {
            $request->integer('steps') !== 0 => self::stepped($card->toCore()->frameNow($kit->unit), $request, $kit->unit),
            $text === '' => null,
            default => Length::parse($text, $kit->unit),
        }, $request->revision()));

        return back();
    }

    public function fold(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $fold = FoldKind::tryFrom($request->text('fold')) ?? abort(422);

        $request->at('fold', fn () => $this->design->fold($card, $fold, $request->revision()));

        return back();
    }

    public function measure(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $request->validate(
            [
                'part' => ['required', 'string'],
                'measure' => ['required', 'string'],
                'value' => ['required', 'string', 'max:40'],
            ],
            ['value.*' => 'Write a measure such as 1/8, 3 mm or 5/8 of it.'],
        );
        $part = collect($card->toSketch()->parts)->firstWhere('id', $request->text('part')) ?? abort(422);
        $measure = $request->text('measure');
        abort_unless(isset($part->measures()[$measure]), 422);
        $request->at(
            'value',
            fn () => $this->design->measure(
                $card,
                $part,
                $measure,
                $this->dim($request, $card, $part, $measure),
                $request->revision(),
            ),
        );

        return back();
    }

    public function fill(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $request->validate([
            'part' => ['required', 'string', 'max:40'],
            'component' => ['required', 'regex:/^c\d+$/'],
            'face' => ['required', 'integer', 'between:0,3'],
        ]);

        $request->at(
            'part',
            fn () => $this->design->fill(
                $card,
                $request->text('part'),
                $request->text('component'),
                $request->integer('face'),
                $request->revision(),
            ),
        );

        return back();
    }

    /** Adds a treatment to a part before it is glued. Its tool is looked for. */
    public function treat(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $taking = $card->takings->firstWhere('part', $request->text('part')) ?? abort(422);
        $treatment = Treatments::all()[$request->text('treatment')] ?? abort(422);
        $isOn = $request->boolean('isOn', true);
        $option = $request->text('option');
        abort_unless($taking->width !== null && ($option === '' || in_array($option, $treatment->options, true)), 422);
        $tool = TableState::of($kit)->core[$request->text('tool')] ?? null;
        if ($isOn && ! $treatment->isWithoutTool() && ($tool === null || ! $treatment->isDoneWith($tool))) {
            throw ValidationException::withMessages(['treatment' => 'Choose the tool that it is done with.']);
        }
        $this->design->treat(
            $card,
            $taking,
            $treatment,
            $isOn,
            $treatment->isWithoutTool() ? null : $tool?->id,
            $option === '' ? $treatment->options[0] ?? '' : $option,
            $request->revision(),
        );

        return back();
    }

    public function quantity(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $request->validate([
            'part' => ['required', 'string'],
            'quantity' => ['required_without:more', 'integer', 'between:1,200'],
            'more' => ['required_without:quantity', 'integer', 'between:-20,20'],
        ]);
        $now = $card->takings->firstWhere('part', $request->text('part')) ?? abort(422);
        // "One more" counts from the present number, so two quick presses make two.
        $quantity = $request->has('more') ? max(1, $now->quantity + $request->integer('more')) : $request->integer('quantity');

        $this->design->quantity($card, $now, $quantity, $request->revision());

        return back();
    }

    public function copies(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $request->validate(
            ['copies' => ['required', 'integer', 'between:1,'.Preferences::LARGEST_SET]],
            ['copies.*' => sprintf('Write how many of this card, from 1 to %d.', Preferences::LARGEST_SET)],
        );

        return back()->with('notice', $this->design->copies($card, $request->integer('copies'), $request->revision()));
    }

    /** Makes it a design of the kit, or no longer one. */
    public function keep(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $this->design->keepForKit($card, $request->revision());

        return back();
    }

    public function occasion(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $request->validate(['occasion' => ['required', Rule::in(Occasions::keys())]]);
        $occasion = Occasion::of($request->text('occasion'));

        return $this->note($kit, $card, "Make card $card->number for {$occasion->label()}", $request, ['occasion' => $occasion]);
    }

    public function notes(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $request->validate(
            ['notes' => ['nullable', 'string', 'max:2000'], 'isForAMan' => ['required', 'boolean']],
            ['notes.max' => 'Notes of up to 2 000 characters fit here.'],
        );

        return $this->note($kit, $card, "Note on card $card->number", $request, [
            'notes' => $request->text('notes'),
            'is_for_a_man' => $request->boolean('isForAMan'),
        ]);
    }

    /** The typed value, or the present measure changed by some marks of the ruler. */
    private function dim(CardRequest $request, Card $card, Part $part, string $measure): Dim
    {
        $unit = $card->kit->unit;
        if ($request->integer('steps') === 0) {
            return Dim::parse($request->text('value'), $unit);
        }
        $core = $card->toCore();

        return Dim::exactly(self::stepped($core->lengthsOf($part, $core->layout($unit), $unit)[$measure], $request, $unit));
    }

    private static function stepped(Length $now, CardRequest $request, Unit $unit): Length
    {
        return Length::ofUnits(max(0, $now->units + max(-200, min(200, $request->integer('steps'))) * $unit->mark()->units));
    }

    /** @param  array<string, mixed>  $with */
    private function note(Kit $kit, Card $card, string $name, CardRequest $request, array $with): RedirectResponse
    {
        $this->journal->act($kit, $name, $request->revision(), static fn () => $card->update($with));

        return back();
    }
}
