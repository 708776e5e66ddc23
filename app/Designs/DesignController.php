<?php

namespace App\Designs;

use App\Models\Kit;
use Illuminate\Http\Request;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Measure\Unit;

/** Sketches on any front, and the measures that a maker computes. */
final class DesignController
{
    private const LONGEST_TEXT = 200;

    public function sketches(Kit $kit, Request $request): SketchesPage
    {
        $wanted = $request->string('sketch')->toString();
        $isCovered = $request->has('covered') ? $request->boolean('covered') : $kit->frame === 0;

        return SketchesPage::of($kit, FrontChoice::of($kit, $request), $wanted, $isCovered);
    }

    public function folds(Kit $kit, Request $request): FoldsPage
    {
        $fold = FoldKind::tryFrom($request->string('fold')->toString()) ?? FoldKind::Gatefold;

        return FoldsPage::of($kit, $fold, FrontChoice::of($kit, $request));
    }

    public function measures(Kit $kit, Request $request): MeasuresPage
    {
        $text = static fn (string $key, string $default = ''): string => mb_substr(
            $request->has($key) ? $request->string($key)->toString() : $default,
            0,
            self::LONGEST_TEXT,
        );

        return MeasuresPage::of($kit, [
            'width' => $text('width', $kit->front()->width->exact($kit->unit)),
            'height' => $text('height', $kit->front()->height->exact($kit->unit)),
            'reveals' => $text('reveals', $kit->unit === Unit::Inch ? '1/8, 1/8' : '3, 3'),
            'pieceWidth' => $text('pieceWidth'),
            'pieceHeight' => $text('pieceHeight'),
            'layer' => $text('layer'),
            'layerWidth' => $text('layerWidth'),
        ]);
    }
}
