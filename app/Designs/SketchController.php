<?php

namespace App\Designs;

use App\Acts\CardRequest;
use App\Journal\Journal;
use App\Models\Kit;
use App\Models\OwnSketch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Sketch\BadSketch;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\SketchWriter;

/** The maker's own sketches: copied and changed, or written from parts. */
final readonly class SketchController
{
    public function __construct(private Journal $journal)
    {
    }

    /** A copy of a sketch, or an empty one. */
    public function create(Kit $kit, Request $request): SketchEditPage
    {
        $from = OwnSketch::shelf()[$request->string('from')->toString()] ?? null;

        return SketchEditPage::copyOf($from, $kit, FrontChoice::of($kit, $request));
    }

    public function edit(Kit $kit, OwnSketch $sketch, Request $request): SketchEditPage
    {
        return SketchEditPage::of($kit, $sketch, FrontChoice::of($kit, $request));
    }

    /** What is written so far, worked out for the fronts, and its faults by their place. Nothing is stored. */
    public function draw(Kit $kit, Request $request): JsonResponse
    {
        $draft = SketchDraft::of($request->array('sketch'), $kit);

        return response()->json($draft->drawn(FrontChoice::of($kit, $request)));
    }

    public function store(Kit $kit, CardRequest $request): RedirectResponse
    {
        $sketch = self::read($kit, $request);
        $written = ['name' => $sketch->name, 'definition' => SketchWriter::write($sketch)];
        $own = $this->journal->act(
            $kit,
            "Write the sketch $sketch->name",
            $request->revision(),
            static fn () => OwnSketch::query()->create(['kit_id' => $kit->id, ...$written]),
        );

        return redirect(route('kits.sketches', $kit, false)."?sketch=own-$own->id")->with('notice', "$sketch->name is on the shelf.");
    }

    public function update(Kit $kit, OwnSketch $sketch, CardRequest $request): RedirectResponse
    {
        $new = self::read($kit, $request);
        $written = ['name' => $new->name, 'definition' => SketchWriter::write($new)];
        $this->journal->act(
            $kit,
            "Change the sketch $new->name",
            $request->revision(),
            static fn () => $sketch->update($written),
        );

        return redirect(route('kits.sketches', $kit, false)."?sketch=own-$sketch->id")->with(
            'notice',
            "$new->name is changed. Cards that use it stay as they are.",
        );
    }

    public function destroy(Kit $kit, OwnSketch $sketch, CardRequest $request): RedirectResponse
    {
        $this->journal->act($kit, "Delete the sketch $sketch->name", $request->revision(), static fn () => $sketch->delete());

        return redirect(route('kits.sketches', $kit, false))->with(
            'notice',
            "$sketch->name is deleted. Cards that use it stay as they are.",
        );
    }

    /** @throws ValidationException with every fault at its place */
    private static function read(Kit $kit, Request $request): Sketch
    {
        try {
            return SketchDraft::of($request->array('sketch'), $kit)->toCore();
        } catch (BadSketch $bad) {
            throw ValidationException::withMessages($bad->faults);
        }
    }
}
