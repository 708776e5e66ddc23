<?php

namespace App\ShareOut;

use App\Models\Component;
use App\Models\Kit;
use App\Table\CardsToGive;
use App\Table\ComingDays;
use App\View\ChoiceView;
use KeepShare\Core\Check\SpreadGaps;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Table\Many;
use KeepShare\Core\Table\Wanted;

/**
 * The wishes for new cards of a kit, as they are typed.
 *
 * @phpstan-import-type Choice from ChoiceView
 *
 * @phpstan-type WantedMany array{key: string, label: string, many: int, isUsual: bool}
 * @phpstan-type Taste array{
 *     frame: string,
 *     set: int,
 *     insides: bool,
 *     pieces: string, // few, some, many
 *     envelopes: bool, // no card without
 *     wordless: bool,
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
