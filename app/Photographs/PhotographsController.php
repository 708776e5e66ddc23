<?php

namespace App\Photographs;

use App\Acts\AtField;
use App\Journal\Journal;
use App\Models\Kit;
use App\Models\Photograph;
use App\Models\PhotographKind;
use App\View\Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use KeepShare\Core\Look\ReferenceKind;
use KeepShare\Core\Measure\Size;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Photographs from which goods are read: brought in, looked at, discarded. */
final class PhotographsController
{
    public function index(Kit $kit): PhotographsPage
    {
        return PhotographsPage::of($kit);
    }

    public function show(Kit $kit, Photograph $photograph): Page
    {
        return $photograph->what === PhotographKind::Pieces
            ? PhotoPiecesPage::of($kit, $photograph)
            : PhotoPapersPage::of($kit, $photograph);
    }

    public function bringPieces(Kit $kit, PhotographsRequest $request): RedirectResponse
    {
        $by = ReferenceKind::tryFrom($request->string('by')->toString()) ?? ReferenceKind::Sheet;
        $lengths = $request->string('lengths')->toString();
        $reference = AtField::of('lengths', static fn () => SaidReference::read($by, $lengths, $kit->unit));
        $laid = AtField::of('files', static fn () => Bring::pieces($kit, $request->pictures()[0], $reference));

        return to_route('kits.photographs.look', [$kit, $laid]);
    }

    public function bringPapers(Kit $kit, PhotographsRequest $request): RedirectResponse
    {
        $size = AtField::of('size', static fn () => Size::said($request->string('size')->toString(), $kit->unit));
        $order = PaperOrder::tryFrom($request->string('order')->toString()) ?? PaperOrder::InTurn;
        $count = max(1, $request->integer('count', 1));
        $laid = AtField::of('files', static fn () => Bring::papers($kit, $request->pictures(), $size, $order, $count));

        return to_route('kits.photographs.look', [$kit, $laid]);
    }

    public function stop(Kit $kit, Photograph $photograph): RedirectResponse
    {
        FindOnPhotographs::stop($photograph);

        return to_route('kits.photographs.look', [$kit, $photograph]);
    }

    /** Nothing of it is saved. Undo brings it back. */
    public function leave(Kit $kit, Photograph $photograph, Request $request, Journal $journal): RedirectResponse
    {
        FindOnPhotographs::stop($photograph);
        $journal->act($kit, 'Discard a photograph', $request->integer('revision'), static function () use ($photograph): void {
            $photograph->refresh()->update(['is_kept' => true]);
        });

        return to_route('kits.photographs', $kit);
    }

    public function picture(Kit $kit, Photograph $photograph, int $n): BinaryFileResponse
    {
        return self::file($photograph->smallFile($n));
    }

    public function face(Kit $kit, Photograph $photograph, int $n, string $version): BinaryFileResponse
    {
        return self::file(Photograph::place($photograph->folder)."/$n-$version.jpg");
    }

    private static function file(string $path): BinaryFileResponse
    {
        abort_unless(is_file($path), 404);

        return response()->file($path, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}
