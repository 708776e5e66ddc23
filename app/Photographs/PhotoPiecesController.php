<?php

namespace App\Photographs;

use App\Acts\AtField;
use App\Models\Kit;
use App\Models\Photograph;
use App\Models\PhotographKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Look\Reference;
use KeepShare\Core\Look\ReferenceKind;

/** Corrects what was found on a photograph of pieces, and saves it. */
final readonly class PhotoPiecesController
{
    public function __construct(private Edit $edit, private Keep $keep)
    {
    }

    /** "do" says what is done, and "on" to which piece. */
    public function edit(Kit $kit, Photograph $photograph, Request $request): RedirectResponse
    {
        $draft = $photograph->what === PhotographKind::Pieces ? PiecesDraft::of($photograph) : null;
        abort_if($draft === null || $photograph->is_kept, 404);
        $do = $request->string('do')->toString();
        $on = $request->integer('on');
        $revision = $request->integer('revision');
        if ($do === 'measure') {
            $this->measure($kit, $photograph, $draft, $request);

            return to_route('kits.photographs.look', [$kit, $photograph]);
        }
        abort_unless(isset($draft->table->pieces[$on]), 404);
        $by = $request->integer('by');
        $text = mb_substr($request->string('text')->trim()->toString(), 0, 200);
        $along = PiecesDraft::points($request->input('along'));
        $edit = ['do' => $do, 'on' => $on];
        match ($do) {
            'part' => AtField::of('part', fn () => $this->edit->part($kit, $photograph, $on, $along, $revision)),
            'turn' => $this->edit->act($kit, $photograph, "Turn piece $on", $edit + ['by' => $by], $revision),
            'fill' => $this->edit->act($kit, $photograph, "Fill the windows of piece $on", $edit, $revision),
            'drop' => $this->edit->act($kit, $photograph, "Remove piece $on", $edit, $revision),
            'take' => $this->edit->act($kit, $photograph, "Put piece $on back", $edit, $revision),
            'say' => $this->edit->act($kit, $photograph, "Say what piece $on is", $edit + ['text' => $text], $revision),
            'count' => $this->edit->act($kit, $photograph, "Count piece $on", $edit + ['by' => self::counted($text)], $revision),
            default => abort(404),
        };

        return to_route('kits.photographs.look', [$kit, $photograph]);
    }

    public function keep(Kit $kit, Photograph $photograph, Request $request): RedirectResponse
    {
        abort_if($photograph->what !== PhotographKind::Pieces || $photograph->is_kept, 404);
        try {
            $many = $this->keep->pieces($kit, $photograph, $request->integer('revision'));
        } catch (BadPieces $bad) {
            throw ValidationException::withMessages($bad->faults);
        }
        $kept = $many === 1 ? 'One piece is saved, with its picture.' : "$many pieces are saved, each with its picture.";

        return to_route('kits.unpack', $kit)->with('notice', $kept);
    }

    private function measure(Kit $kit, Photograph $photograph, PiecesDraft $draft, Request $request): void
    {
        AtField::of('lengths', function () use ($kit, $photograph, $draft, $request): void {
            $this->edit->measure($kit, $photograph, self::reference($kit, $draft, $request), $request->integer('revision'));
        });
    }

    /** Other lengths, another piece, or the same one moved. */
    private static function reference(Kit $kit, PiecesDraft $draft, Request $request): Reference
    {
        $is = $draft->table->reference;
        $by = ReferenceKind::tryFrom($request->string('by')->toString()) ?? $is->by;
        $said = $request->string('lengths')->trim()->toString();
        $reference = $said === '' ? $is : SaidReference::read($by, $said, $kit->unit);
        $points = PiecesDraft::points($request->input('handles'));
        $piece = $draft->table->pieces[$request->integer('on')] ?? null;

        return match (true) {
            $piece !== null => $reference->as($request->integer('on'), $piece),
            $points !== [] => $reference->at($points),
            default => $reference->found($draft->table->pieces),
        };
    }

    private static function counted(string $text): int
    {
        return preg_match('/^[1-9]\d?$/', $text) === 1
            ? (int) $text
            : throw ValidationException::withMessages(['count' => 'Write how many there are, from 1 to 99.']);
    }
}
