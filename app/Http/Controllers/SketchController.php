<?php

namespace App\Http\Controllers;

use App\Http\Requests\CardRequest;
use App\Journal\Journal;
use App\Models\Kit;
use App\Models\OwnSketch;
use App\Pages\FrontChoice;
use App\Pages\SketchPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use KeepShare\Core\Card\Part\OwnParts;
use KeepShare\Core\Sketch\BadSketch;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\SketchReader;
use KeepShare\Core\Sketch\SketchWriter;

/** Sketches of the maker's own: copied and changed, or written from parts. */
final readonly class SketchController
{
    public function __construct(private Journal $journal)
    {
    }

    /** A copy of a sketch, or an empty one. */
    public function create(Kit $kit, Request $request): Response
    {
        $from = OwnSketch::shelf()[$request->string('from')->toString()] ?? null;

        return Inertia::render('SketchEdit', SketchPage::of($kit, $from === null ? SketchPage::blank() : $from->named('', "$from->name, my way"), null, FrontChoice::of($kit, $request)));
    }

    public function edit(Kit $kit, OwnSketch $sketch, Request $request): Response
    {
        return Inertia::render('SketchEdit', SketchPage::of($kit, $sketch->toCore(), $sketch, FrontChoice::of($kit, $request)));
    }

    /** What is written so far, resolved for the fronts; faults by their place. Nothing is kept. */
    public function draw(Kit $kit, Request $request): JsonResponse
    {
        return response()->json(SketchPage::draw($kit, $request->array('sketch'), FrontChoice::of($kit, $request)));
    }

    public function store(Kit $kit, CardRequest $request): RedirectResponse
    {
        $sketch = self::read($kit, $request);
        $own = $this->journal->act($kit, "Write the sketch $sketch->name", $request->revision(), static fn () => OwnSketch::query()->create(['kit_id' => $kit->id, 'name' => $sketch->name, 'definition' => SketchWriter::write($sketch)]));

        return redirect(route('kits.sketches', $kit, false)."?sketch=own-$own->id")->with('notice', "$sketch->name is on the shelf.");
    }

    public function update(Kit $kit, OwnSketch $sketch, CardRequest $request): RedirectResponse
    {
        $new = self::read($kit, $request);
        $this->journal->act($kit, "Change the sketch $new->name", $request->revision(), static fn () => $sketch->update(['name' => $new->name, 'definition' => SketchWriter::write($new)]));

        return redirect(route('kits.sketches', $kit, false)."?sketch=own-$sketch->id")->with('notice', "$new->name is changed. Cards laid on it before stay as they are.");
    }

    public function destroy(Kit $kit, OwnSketch $sketch, CardRequest $request): RedirectResponse
    {
        $this->journal->act($kit, "Throw away the sketch $sketch->name", $request->revision(), static fn () => $sketch->delete());

        return redirect(route('kits.sketches', $kit, false))->with('notice', "$sketch->name is thrown away. Cards laid on it stay as they are.");
    }

    /** @throws ValidationException with every fault at its place, also where it does not lie on the kit's front */
    private static function read(Kit $kit, Request $request): Sketch
    {
        try {
            $sketch = SketchReader::read($request->array('sketch'), $kit->unit, OwnParts::isTaken(...));
            $sketch->resolve($kit->front(), $kit->unit);

            return $sketch;
        } catch (BadSketch $bad) {
            throw ValidationException::withMessages($bad->faults);
        } catch (CannotResolve $cannot) {
            throw ValidationException::withMessages([SketchPage::placeOf($request->array('sketch'), $cannot) => $cannot->getMessage()]);
        }
    }
}
