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
        return Media::Markdown->file('materials.md', self::materials($kit, $request)->markdown());
    }

    public function text(Kit $kit, Request $request): Response
    {
        return Media::Text->file('materials.txt', self::materials($kit, $request)->text());
    }

    public function pdf(Kit $kit, Request $request): Response
    {
        $html = view('materials', ['materials' => self::materials($kit, $request)])->render();
        $paper = self::paper($kit, $request) === 'letter' ? Unit::Inch : Unit::Millimetre;

        return Media::Pdf->file('materials.pdf', (string) Pdf::render($html, $paper)->output());
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
}
