<?php

namespace App\Cut;

use App\Acts\CardRequest;
use App\Cutting\CutSheet;
use App\Journal\Rehearsal;
use App\Journal\StaleTable;
use App\Models\Card;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\Taking;
use App\Wording\Wording;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Cut\Split;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

final class CutController
{
    public function show(Kit $kit, Request $request, BetterPlan $better): CutPage
    {
        return CutPage::of($kit, $request->integer('sheet') ?: null, self::card($kit, $request), $better);
    }

    public function better(Kit $kit, BetterPlan $better): RedirectResponse
    {
        $better->look($kit);

        return to_route('kits.cut', $kit);
    }

    public function stop(Kit $kit, BetterPlan $better): RedirectResponse
    {
        $better->stop($kit);

        return to_route('kits.cut', $kit);
    }

    /** Cuts only what one card needs of a sheet. */
    public function forCard(Kit $kit, Sheet $sheet, Card $card, Request $request, CutSheet $cut): RedirectResponse
    {
        $cut->forCard($kit, self::planOf($kit, $sheet), $card, $request->integer('revision'));

        return to_route('kits.cut', [$kit, 'card' => $card->id]);
    }

    public function store(Kit $kit, Sheet $sheet, Request $request, CutSheet $cut): RedirectResponse
    {
        $cut->cut($kit, self::planOf($kit, $sheet), $request->integer('revision'));

        return to_route('kits.cut', $kit);
    }

    /** Makes one cut of the part. */
    public function once(Kit $kit, Sheet $sheet, Request $request, CutSheet $cut): RedirectResponse
    {
        $cut->one($kit, self::planOf($kit, $sheet), $request->integer('revision'));

        return to_route('kits.cut', array_filter([$kit, 'card' => self::card($kit, $request)?->id]));
    }

    /** The motor cutter cuts the part. */
    public function motor(Kit $kit, Sheet $sheet, Request $request, MotorCut $motor): RedirectResponse
    {
        return to_route('kits.cut', $kit)->with('notice', $motor->cut($kit, self::planOf($kit, $sheet), $request->integer('revision')));
    }

    public function printLabels(Kit $kit, TableTools $tools): RedirectResponse
    {
        return back()->with('notice', Wording::plural($tools->print(BagLabels::of($kit)), 'label').' went to the label printer.');
    }

    /** What a mistaken cut would lead to. */
    public function proposeWrong(Kit $kit, Sheet $sheet, CardRequest $request, Replan $replan): CutPage
    {
        $plan = self::planOf($kit, $sheet);
        $data = array_map(strval(...), array_filter($request->only(['what', 'at', 'x', 'y', 'width', 'height']), is_string(...)));

        return self::propose($kit, "$sheet->id/wrong", $data, static fn (): array => self::replanned($kit, $plan, $request, $replan));
    }

    public function wrong(Kit $kit, Sheet $sheet, CardRequest $request, Replan $replan): RedirectResponse
    {
        return self::accepted($kit, self::replanned($kit, self::planOf($kit, $sheet), $request, $replan));
    }

    public function proposePieceSpoiled(Kit $kit, Taking $taking, Replan $replan): CutPage
    {
        $piece = self::pieceOf($kit, $taking);

        return self::propose(
            $kit,
            "pieces/$taking->id/spoiled",
            [],
            static fn (): array => $replan->pieceSpoiled($kit, $taking, $piece, null),
        );
    }

    public function pieceSpoiled(Kit $kit, Taking $taking, Request $request, Replan $replan): RedirectResponse
    {
        return self::accepted($kit, $replan->pieceSpoiled($kit, $taking, self::pieceOf($kit, $taking), $request->integer('revision')));
    }

    /**
     * The cut went elsewhere, or the part is spoiled or has a blemish.
     *
     * @return list<string>
     */
    private static function replanned(Kit $kit, CutPlan $plan, CardRequest $request, Replan $replan): array
    {
        $revision = $request->has('revision') ? $request->revision() : null;
        $size = $plan->sheet->size();
        $length = static fn (string $field): Length => $request->at(
            $field,
            static fn (): Length => Length::parse($request->text($field), $kit->unit),
        );
        if ($request->text('what') === 'spoiled') {
            return $replan->spoiled($kit, $plan, $revision);
        }
        if ($request->text('what') === 'blemish') {
            $blemish = $request->at(
                'width',
                static fn (): Rect => Rect::at(
                    $length('x'),
                    $length('y'),
                    Size::of($length('width'), $length('height')),
                ),
            );
            if (! Rect::whole($size)->contains($blemish)) {
                throw ValidationException::withMessages([
                    'width' => "The part you are cutting is {$size->label($kit->unit)}: the blemish reaches beyond it.",
                ]);
            }

            return $replan->blemished($kit, $plan, $blemish, $revision);
        }
        $root = $plan->toCore()->root;
        $direction = $root instanceof Split ? $root->direction : Direction::Down;
        $at = $length('at');
        $side = $direction === Direction::Down ? $size->width : $size->height;
        if ($at->isZero() || ! $side->isLongerThan($at)) {
            throw ValidationException::withMessages([
                'at' => "The part you are cutting is {$side->label($kit->unit)} that way: the cut went somewhere between.",
            ]);
        }

        return $replan->cutElsewhere($kit, $plan, $direction, $at, $revision);
    }

    /**
     * The table as it would be, and what would change for the cards. Nothing is recorded.
     *
     * @param  array<string, string>  $data  what to send when it is accepted
     * @param  Closure(): list<string>  $do
     */
    private static function propose(Kit $kit, string $path, array $data, Closure $do): CutPage
    {
        return Rehearsal::of($kit, static function () use ($kit, $path, $data, $do): CutPage {
            $says = $do();

            return CutPage::proposing($kit, ['says' => $says, 'path' => $path, 'data' => $data]);
        });
    }

    /** @param  list<string>  $says */
    private static function accepted(Kit $kit, array $says): RedirectResponse
    {
        return to_route('kits.cut', $kit)->with('notice', 'Planned again. '.implode(' ', $says));
    }

    private static function pieceOf(Kit $kit, Taking $taking): Sheet
    {
        $piece = Sheet::query()->with('component')->find($taking->sheet_id ?? 0);

        return $piece ?? abort(404);
    }

    private static function card(Kit $kit, Request $request): ?Card
    {
        return Card::query()->where('kit_id', $kit->id)->find($request->integer('card'));
    }

    /** An old tab may ask for a sheet that has been planned again or cut since. */
    private static function planOf(Kit $kit, Sheet $sheet): CutPlan
    {
        return CutPlan::query()
            ->where('sheet_id', $sheet->id)
            ->whereNull('cut_at')
            ->with('sheet.component')
            ->first() ?? throw StaleTable::since($kit);
    }
}
