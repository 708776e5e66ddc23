<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/**
 * The open format keepshare/kit, version 1: docs/formats/kit.schema.json.
 *
 * @phpstan-import-type OccasionFields from Occasions
 */
final class KitFile
{
    public const FORMAT = 'keepshare/kit';

    public const VERSION = 1;

    public const MOST_BYTES = 2_000_000;

    private const MOST_COMPONENTS = 2_000;

    private const MOST_SHEETS = 500;

    private const MOST_SHEETS_IN_ALL = 5_000;

    private const MOST_PIECES = 100_000;

    /**
     * Reads a whole file, or nothing of it.
     *
     * @throws BadKit with every component that is wrong, its place and the reason
     */
    public static function read(string $json): Kit
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw BadKit::at('', 'The file is larger than 2 MB. A kit file is a short text.');
        }

        return self::kit(OpenFile::read($json, self::FORMAT, self::VERSION, 'kit files'));
    }

    /**
     * One component as a file has it.
     *
     * @param  array<string, mixed>  $line
     *
     * @throws BadKit
     */
    public static function component(array $line, Unit $unit, string $place): Component
    {
        $fields = Fields::of($line, $place, $unit);

        return self::line(self::id($fields), $fields);
    }

    public static function write(Kit $kit): string
    {
        $components = array_map(static fn (Component $c): array => self::written($c, $kit->unit), $kit->components);
        $price = $kit->price === null ? [] : ['price' => ['amount' => $kit->price->amount(), 'currency' => $kit->price->currency]];

        return json_encode([
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'unit' => $kit->unit->value,
            'name' => $kit->name,
            'front' => GoodWriter::sizeIn($kit->front, $kit->unit),
            'promised' => $kit->promised,
            ...$price,
            ...array_filter(['theme' => $kit->theme, 'bought' => $kit->boughtOn, 'instructions' => $kit->instructions]),
            ...array_filter(['occasions' => self::ownOccasions($kit)]),
            'components' => $components,
            ...array_filter(['designs' => KitDesigns::write($kit->designs)]),
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @param  array<array-key, mixed>  $data */
    private static function kit(array $data): Kit
    {
        $unit = Fields::of($data, '', null)->choice('unit', Unit::class);
        $fields = Fields::of($data, '', $unit);
        array_map($fields->value(...), ['format', 'version', 'unit']);
        $name = $fields->text('name');
        $front = $fields->size('front', Length::inches(24));
        $promised = $fields->count('promised', 1_000, 0);
        $price = $fields->has('price') ? self::price($fields->object('price')) : null;
        $theme = $fields->text('theme', '');
        $boughtOn = $fields->has('bought') ? $fields->day('bought') : null;
        $instructions = $fields->text('instructions', '', 10_000);
        $occasions = $fields->has('occasions') ? self::occasions($fields->object('occasions')) : [];
        $components = self::components($fields, $unit);
        $designs = $fields->has('designs') ? KitDesigns::read($fields, $components) : [];
        $fields->nothingElse();

        return Kit::of($name, $unit, $front, $promised, $price, $components, $theme, $boughtOn, $instructions, $designs, $occasions);
    }

    /** @return array<string, string> what those occasions that do not ship are called, by their keys */
    private static function ownOccasions(Kit $kit): array
    {
        $used = array_map(static fn (KitDesign $design): Occasion => $design->occasion, $kit->designs);
        foreach ($kit->components as $component) {
            $words = $component->words();
            array_push($used, ...($words === null || $words->isForAny() ? [] : $words->occasions));
        }
        $own = [];
        foreach ($used as $occasion) {
            if (! Occasions::isShipped($occasion->value)) {
                $own[$occasion->value] = $occasion->label();
            }
        }

        return $own;
    }

    /**
     * From here on the occasions of another maker are known.
     *
     * @return list<OccasionFields>
     */
    private static function occasions(Fields $fields): array
    {
        $met = [];
        foreach ($fields->keys() as $key) {
            if (preg_match('/^[a-z][a-z0-9-]{0,49}$/', $key) !== 1) {
                throw BadKit::at($fields->place($key), 'expected a key such as name-day.');
            }
            $met[] = Occasions::met($key, $fields->text($key));
        }
        $fields->nothingElse();

        return $met;
    }

    private static function price(Fields $fields): Price
    {
        $amount = $fields->text('amount');
        $currency = $fields->text('currency');
        $fields->nothingElse();

        return Price::parse($amount, $currency, $fields->place(''));
    }

    /** @return list<Component> */
    private static function components(Fields $fields, Unit $unit): array
    {
        $components = [];
        $faults = [];
        $seen = [];
        $items = $fields->items('components');
        if (count($items) > self::MOST_COMPONENTS) {
            throw BadKit::at('components', sprintf('there are more than %d.', self::MOST_COMPONENTS));
        }
        foreach ($items as $i => $item) {
            try {
                $line = Fields::of($item, "components[$i]", $unit);
                $id = self::id($line);
                if (isset($seen[$id])) {
                    throw BadKit::at("components[$i].id", sprintf('"%s" is the id of components[%d] already.', $id, $seen[$id]));
                }
                $seen[$id] = $i;
                $components[] = self::line($id, $line);
            } catch (BadKit $wrong) {
                array_push($faults, ...$wrong->faults);
            }
        }

        if ($faults !== []) {
            throw BadKit::because($faults);
        }
        $sheets = array_sum(array_map(static fn (Component $c): int => $c->kind()->isSheets() ? $c->count : 0, $components));

        return $sheets <= self::MOST_SHEETS_IN_ALL
            ? $components
            : throw BadKit::at(
                'components',
                sprintf(
                    'there are %d sheets in all, more than Keep Share lays on one table (%d).',
                    $sheets,
                    self::MOST_SHEETS_IN_ALL,
                ),
            );
    }

    private static function id(Fields $fields): string
    {
        $id = $fields->text('id');
        if (preg_match('/^[a-z][a-z0-9]*(-[a-z0-9]+)*$/', $id) !== 1 || strlen($id) > 60) {
            throw BadKit::at($fields->place('id'), 'expected a lower-case letter, then up to 59 more, digits and single hyphens.');
        }

        return $id;
    }

    private static function line(string $id, Fields $fields): Component
    {
        $kind = $fields->choice('kind', Kind::class);
        $name = $fields->text('name');
        $good = $kind->good()::read(GoodFields::of($fields));
        $component = Component::of($id, $name, $good, self::number($good, $fields));
        $fields->nothingElse();

        return $component;
    }

    private static function number(Good $good, Fields $fields): int
    {
        return match (true) {
            $good instanceof Endless, $good->isPlenty() => $fields->count('count', self::MOST_PIECES, 1),
            $good instanceof ByLength => $fields->length('length')->units,
            $good instanceof SheetGood => $fields->count('count', self::MOST_SHEETS),
            default => $fields->count('count', self::MOST_PIECES),
        };
    }

    /** @return array<string, mixed> a component as it stands in a file */
    public static function written(Component $component, Unit $unit): array
    {
        $number = $component->kind()->isByLength()
            ? ['length' => Length::ofUnits($component->count)->exact($unit)]
            : ['count' => $component->count];

        return [
            'id' => $component->id,
            'kind' => $component->kind()->value,
            'name' => $component->name,
            ...$number,
            ...GoodWriter::write($component->good, $unit),
        ];
    }
}
