<?php

namespace App\Tally;

use App\Files\Media;
use App\Files\Pdf;
use App\Models\Kit;
use App\Models\PrintPaper;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Materials and measures, passed on. */
final class MaterialsController
{
    public function show(Kit $kit, Request $request): TallyMaterialsPage
    {
        return TallyMaterialsPage::of($kit, self::numbers($request), $request->boolean('both'), PrintPaper::for($kit->unit)->value);
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

        return Media::Pdf->file('materials.pdf', Pdf::render($html, $kit->unit)->bytes);
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
}
