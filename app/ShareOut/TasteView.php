<?php

namespace App\ShareOut;

use App\Models\Component;
use App\Models\Kit;
use App\Models\KitWishes;
use App\Table\CardsToGive;
use App\Table\ComingDays;
use App\View\ChoiceView;
use App\View\SketchView;
use KeepShare\Core\Check\SpreadGaps;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Table\Many;
use KeepShare\Core\Table\Wanted;

/**
 * The wishes for new cards of a kit, as they are typed.
 *
 * @phpstan-import-type Choice from ChoiceView
 * @phpstan-import-type DrawnSketch from SketchView
 *
 * @phpstan-type LeastChoice array{key: string, label: string, drawn: DrawnSketch}
 * @phpstan-type WantedMany array{key: string, label: string, many: int, isUsual: bool}
 * @phpstan-type Taste array{
 *     frame: string,
 *     set: int,
 *     insides: bool,
 *     pieces: string, // few, some, many
 *     envelopes: bool, // no card without
 *     wordless: bool,
 *     least: string, // what a card must at least be
 *     leasts: list<LeastChoice>,
 *     follows: bool,
 *     designs: list<string>,
 *     trimmer: string,
 *     savesOne: bool,
 *     uses: list<string>, // what is to be used up, saved or never used
 *     stashCards: string,
 *     wanted: list<WantedMany>,
 *     folds: list<WantedMany>,
 *     daysNeed: string, // what the days that come need and nobody has made or planned elsewhere
 * }
 */
final class TasteView
{
    /** @return Taste */
    public static function of(Kit $kit): array
    {
        $occasions = ChoiceView::occasions();
        $folds = ChoiceView::all(FoldKind::onWish(), static fn (FoldKind $fold): string => $fold->label());

        return [
            'frame' => self::length($kit->frame, $kit),
            'set' => $kit->wishes['set'] ?? 1,
            'insides' => $kit->wishes['insides'] ?? false,
            'pieces' => (Many::tryFrom($kit->wishes['pieces'] ?? '') ?? Many::Some)->value,
            'envelopes' => $kit->wishes['envelopes'] ?? false,
            'wordless' => $kit->wishes['wordless'] ?? false,
            'least' => KitWishes::least($kit)->value,
            'leasts' => self::leasts($kit),
            'follows' => $kit->wishes['follows'] ?? false,
            'designs' => array_map(static fn (KitDesign $design): string => $design->name, $kit->designs()),
            'trimmer' => self::length($kit->wishes['trimmer'] ?? null, $kit),
            'savesOne' => $kit->wishes['saves_one'] ?? false,
            'uses' => self::uses($kit),
            'stashCards' => (string) ($kit->wishes['stash_cards'] ?? ''),
            'wanted' => self::many([...$occasions, ['key' => SpreadGaps::MAN, 'label' => 'for a man']], $kit->wanted),
            'folds' => self::many($folds, $kit->wishes['folds'] ?? []),
            'daysNeed' => ComingDays::within(ComingDays::MONTHS)->needs()->beyond(CardsToGive::now()->free($kit->id))->says(),
        ];
    }

    /** @return list<LeastChoice> each with a sketch that is just that */
    private static function leasts(Kit $kit): array
    {
        $sketches = Sketches::all();

        return array_map(static fn (Least $least): array => [
            'key' => $least->value,
            'label' => $least->says(),
            'drawn' => SketchView::of($sketches[$least->example()], $kit->front(), $kit->unit)->drawn,
        ], Least::cases());
    }

    /** @return list<string> "Wave: used up" */
    private static function uses(Kit $kit): array
    {
        $uses = array_diff($kit->wishes['uses'] ?? [], [Wanted::AsItComes->value]);
        $components = $kit->components()->whereKey(array_map(Component::idOfCore(...), array_keys($uses)))->get();

        return array_values($components->map(static fn (Component $one): string => "$one->name: {$uses[$one->coreId()]}")->all());
    }

    private static function length(?int $units, Kit $kit): string
    {
        return $units === null ? '' : Length::ofUnits($units)->exact($kit->unit);
    }

    /**
     * @param  list<Choice>  $choices
     * @param  array<string, int>  $wanted
     * @return list<WantedMany>
     */
    private static function many(array $choices, array $wanted): array
    {
        return array_map(static fn (array $one): array => [
            ...$one,
            'many' => $wanted[$one['key']] ?? 0,
            'isUsual' => Occasions::named($one['key'])?->isUsual() !== false,
        ], $choices);
    }
}
