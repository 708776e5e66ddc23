<?php

namespace App\Designs;

use App\Acts\CardRequest;
use App\Journal\Journal;
use App\Models\Kit;
use App\Models\OwnArrangement;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\ArrangementWriter;
use KeepShare\Core\Arrange\BadArrangement;

/** All arrangements, and the maker's own. */
final readonly class ArrangementController
{
    public function __construct(private Journal $journal)
    {
    }

    public function index(Kit $kit, Request $request): ArrangementsPage
    {
        return ArrangementsPage::of($kit, FrontChoice::of($kit, $request), $request->string('arrangement')->toString());
    }

    public function create(Kit $kit, Request $request): ArrangementEditPage
    {
        $from = OwnArrangement::shelf()[$request->string('from')->toString()] ?? null;

        return ArrangementEditPage::copyOf($from, $kit, FrontChoice::of($kit, $request));
    }

    public function edit(Kit $kit, OwnArrangement $arrangement, Request $request): ArrangementEditPage
    {
        return ArrangementEditPage::of($kit, $arrangement, FrontChoice::of($kit, $request));
    }

    /** What is written so far, drawn with usual pieces on a front, and its faults by their place. Nothing is stored. */
    public function draw(Kit $kit, Request $request): JsonResponse
    {
        $draft = ArrangementDraft::of($request->array('written'), $kit);

        return response()->json($draft->drawn(FrontChoice::of($kit, $request)));
    }

    public function store(Kit $kit, CardRequest $request): RedirectResponse
    {
        $new = self::read($kit, $request);
        $own = $this->journal->act(
            $kit,
            "Write the arrangement $new->name",
            $request->revision(),
            static fn () => OwnArrangement::query()->create(['kit_id' => $kit->id, ...self::written($new)]),
        );

        return self::toShelf($kit, $own, "$new->name is on the shelf.");
    }

    public function update(Kit $kit, OwnArrangement $arrangement, CardRequest $request): RedirectResponse
    {
        $new = self::read($kit, $request);
        $this->journal->act(
            $kit,
            "Change the arrangement $new->name",
            $request->revision(),
            static fn () => $arrangement->update(self::written($new)),
        );

        return self::toShelf($kit, $arrangement, "$new->name is changed. Cards arranged that way stay as they are.");
    }

    public function destroy(Kit $kit, OwnArrangement $arrangement, CardRequest $request): RedirectResponse
    {
        $this->journal->act(
            $kit,
            "Delete the arrangement $arrangement->name",
            $request->revision(),
            static fn () => $arrangement->delete(),
        );

        return redirect(route('kits.arrangements', $kit, false))
            ->with('notice', "$arrangement->name is deleted. Cards arranged that way stay as they are.");
    }

    private static function toShelf(Kit $kit, OwnArrangement $own, string $notice): RedirectResponse
    {
        return redirect(route('kits.arrangements', $kit, false)."?arrangement=own-$own->id")->with('notice', $notice);
    }

    /** @return array<string, mixed> */
    private static function written(Arrangement $arrangement): array
    {
        return ['name' => $arrangement->name, 'definition' => ArrangementWriter::write($arrangement)];
    }

    /** @throws ValidationException with every fault at its place */
    private static function read(Kit $kit, Request $request): Arrangement
    {
        try {
            return ArrangementDraft::of($request->array('written'), $kit)->toCore();
        } catch (BadArrangement $bad) {
            throw ValidationException::withMessages($bad->faults);
        }
    }
}
