<?php

namespace App\Photographs;

use App\Acts\AtField;
use App\Models\Kit;
use App\Models\Photograph;
use App\Models\PhotographKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Corrects how a pad of papers was read, and saves it. */
final readonly class PhotoPapersController
{
    public function __construct(private Edit $edit, private Keep $keep)
    {
    }

    /** "do" says what is done, and "on" to which photograph. */
    public function edit(Kit $kit, Photograph $photograph, Request $request): RedirectResponse
    {
        $draft = $photograph->what === PhotographKind::Papers ? PapersDraft::of($photograph) : null;
        abort_if($draft === null || $photograph->is_kept, 404);
        $do = $request->string('do')->toString();
        $on = $request->integer('on');
        $by = $request->integer('by');
        $text = mb_substr($request->string('text')->trim()->toString(), 0, 100);
        $revision = $request->integer('revision');
        $n = $on + 1;
        abort_unless(isset($draft->faces[$on]), 404);
        match ($do) {
            'corners' => $this->corners($kit, $photograph, $on, $request),
            'drop' => $this->edit->act($kit, $photograph, "Remove photograph $n", ['do' => $do, 'on' => $on], $revision),
            'move' => $this->edit->act($kit, $photograph, "Move photograph $n", ['do' => $do, 'on' => $on, 'by' => $by <=> 0], $revision),
            'say' => $this->edit->act($kit, $photograph, "Name photograph $n", ['do' => $do, 'on' => $on, 'text' => $text], $revision),
            'up' => $this->edit->act($kit, $photograph, "Mark photograph $n as directional, or not", ['do' => $do, 'on' => $on], $revision),
            'busy' => $this->edit->act($kit, $photograph, "Mark photograph $n as busy, or calm", ['do' => $do, 'on' => $on], $revision),
            'order' => $this->edit->act($kit, $photograph, 'Order the faces', ['do' => $do, 'text' => self::order($text)], $revision),
            'count' => $this->edit->act($kit, $photograph, 'Count the sheets', ['do' => $do, 'by' => self::counted($text)], $revision),
            default => abort(404),
        };

        return to_route('kits.photographs.look', [$kit, $photograph]);
    }

    public function keep(Kit $kit, Photograph $photograph, Request $request): RedirectResponse
    {
        abort_if($photograph->what !== PhotographKind::Papers || $photograph->is_kept, 404);
        try {
            $onto = $request->integer('onto');
            $revision = $request->integer('revision');
            $many = $onto > 0
                ? $this->keep->ontoPapers($kit, $photograph, $onto, $revision)
                : $this->keep->papers($kit, $photograph, $revision);
        } catch (BadPieces $bad) {
            throw ValidationException::withMessages($bad->faults);
        }

        return to_route('kits.unpack', $kit)->with('notice', "$many papers are saved, with their photographs.");
    }

    private function corners(Kit $kit, Photograph $photograph, int $on, Request $request): void
    {
        $corners = PiecesDraft::points($request->input('handles'));
        abort_unless(count($corners) === 4, 404);
        $revision = $request->integer('revision');
        AtField::of('handles', fn () => $this->edit->corners($kit, $photograph, $on, $corners, $revision));
    }

    private static function order(string $text): string
    {
        return PaperOrder::tryFrom($text)->value ?? throw ValidationException::withMessages(['order' => 'Choose one of the orders.']);
    }

    private static function counted(string $text): int
    {
        return preg_match('/^[1-9]\d?$/', $text) === 1
            ? (int) $text
            : throw ValidationException::withMessages(['count' => 'Write how many sheets of each there are, from 1 to 99.']);
    }
}
