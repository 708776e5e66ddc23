<?php

namespace App\Http\Controllers;

use App\Models\Kit;
use App\Pages\TallyMaterialsPage;
use App\Prints\Media;
use App\Prints\Pdf;
use App\Table\MaterialsOf;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use KeepShare\Core\Measure\Unit;

/** Materials and measures, passed on. */
final class MaterialsController
{
    public function show(Kit $kit, Request $request): TallyMaterialsPage
    {
        return TallyMaterialsPage::of($kit, self::numbers($request), $request->boolean('both'), self::paper($kit, $request));
    }

    public function markdown(Kit $kit, Request $request): Response
    {
        return self::file(Media::Markdown, self::materials($kit, $request)->markdown(), 'materials.md');
    }

    public function text(Kit $kit, Request $request): Response
    {
        return self::file(Media::Text, self::materials($kit, $request)->text(), 'materials.txt');
    }

    public function pdf(Kit $kit, Request $request): Response
    {
        $html = view('materials', ['materials' => self::materials($kit, $request)])->render();
        $paper = self::paper($kit, $request) === 'letter' ? Unit::Inch : Unit::Millimetre;

        return self::file(Media::Pdf, (string) Pdf::render($html, $paper)->output(), 'materials.pdf');
    }

    private static function materials(Kit $kit, Request $request): MaterialsOf
    {
        return MaterialsOf::cards($kit, self::numbers($request), $request->boolean('both'));
    }

    /** @return list<int> of the chosen cards; none for all */
    private static function numbers(Request $request): array
    {
        $numbers = array_map(intval(...), explode(',', $request->string('cards')->toString()));

        return array_values(array_filter($numbers, static fn (int $number): bool => $number > 0));
    }

    /** The paper of the country, unless the maker has chosen. */
    private static function paper(Kit $kit, Request $request): string
    {
        $chosen = $request->string('paper')->toString();

        return in_array($chosen, ['letter', 'a4'], true) ? $chosen : ($kit->unit === Unit::Inch ? 'letter' : 'a4');
    }

    private static function file(Media $media, string $body, string $name): Response
    {
        return response($body, 200, [
            'Content-Type' => $media->value,
            'Content-Disposition' => ($media->isShown() ? 'inline' : 'attachment')."; filename=\"$name\"",
        ]);
    }
}
