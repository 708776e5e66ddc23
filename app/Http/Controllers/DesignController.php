<?php

namespace App\Http\Controllers;

use App\Models\Kit;
use App\Pages\FoldsPage;
use App\Pages\FrontChoice;
use App\Pages\MeasuresPage;
use App\Pages\SketchesPage;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use KeepShare\Core\Fold\FoldKind;

/** Sketches on any front, and the measures a maker works out beside them. */
final class DesignController
{
    public function sketches(Kit $kit, Request $request): Response
    {
        return Inertia::render('Sketches', SketchesPage::of(
            $kit,
            FrontChoice::of($kit, $request),
            $request->string('sketch')->toString() ?: null,
            $request->has('covered') ? $request->boolean('covered') : $kit->frame === 0,
        ));
    }

    public function folds(Kit $kit, Request $request): Response
    {
        return Inertia::render('Folds', FoldsPage::of(
            $kit,
            FoldKind::tryFrom($request->string('fold')->toString()) ?? FoldKind::Gatefold,
            FrontChoice::of($kit, $request),
        ));
    }

    public function measures(Kit $kit, Request $request): Response
    {
        $text = static fn (string $key, string $default): string => mb_substr($request->has($key) ? $request->string($key)->toString() : $default, 0, 200);

        return Inertia::render('Measures', MeasuresPage::of($kit, [
            'width' => $text('width', $kit->front()->width->exact($kit->unit)),
            'height' => $text('height', $kit->front()->height->exact($kit->unit)),
            'reveals' => $text('reveals', $kit->unit->value === 'in' ? '1/8, 1/8' : '3, 3'),
            'pieceWidth' => $text('pieceWidth', ''),
            'pieceHeight' => $text('pieceHeight', ''),
            'layer' => $text('layer', ''),
            'layerWidth' => $text('layerWidth', ''),
        ]));
    }
}
