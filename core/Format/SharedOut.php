<?php

declare(strict_types=1);

namespace KeepShare\Core\Format;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Card\WrittenCard;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Fields;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Kit\OpenFile;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;

/**
 * The content of a keepshare/share-out file: cards and the goods they are made of. It is read as a whole or not at all.
 */
final readonly class SharedOut
{
    private const MOST_CARDS = 500;

    public const MOST_BYTES = 4_000_000;

    /**
     * @param  list<Card>  $cards
     * @param  array<string, Component>  $components  by id
     */
    private function __construct(public string $kit, public Unit $unit, public array $cards, public array $components)
    {
    }

    /**
     * @param  Kit|null  $kit  where the file does not say what its goods are
     *
     * @throws BadKit with the place and the reason
     */
    public static function read(string $json, ?Kit $kit = null): self
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw BadKit::at('', 'The file is larger than 4 MB. A share-out is a text.');
        }
        $data = OpenFile::read($json, ShareOutFile::FORMAT, ShareOutFile::VERSION, 'share-outs');
        $unit = Fields::of($data, '', null)->choice('unit', Unit::class);
        $fields = Fields::of($data, '', $unit);
        $components = self::components($fields, $unit, $kit);
        $cards = [];
        foreach ($fields->items('cards') as $i => $item) {
            $card = self::card(Fields::of($item, "cards[$i]", $unit), $unit, $components);
            if (isset($cards[$card->number])) {
                throw BadKit::at("cards[$i].number", "there is a card $card->number already.");
            }
            $cards[$card->number] = $card;
        }

        return count($cards) > self::MOST_CARDS
            ? throw BadKit::at('cards', sprintf('there are more than %d.', self::MOST_CARDS))
            : new self($fields->text('kit'), $unit, array_values($cards), $components);
    }

    /** @return array<string, Component> */
    private static function components(Fields $fields, Unit $unit, ?Kit $kit): array
    {
        $components = array_column($kit->components ?? [], null, 'id');
        foreach ($fields->has('goods') ? $fields->items('goods') : [] as $i => $item) {
            $id = is_array($item) && is_string($item['id'] ?? null) ? $item['id'] : '';
            // Goods that come from something taken apart have a ~ after their id.
            $plain = rtrim($id, '~');
            /** @var array<string, mixed> $line */
            $line = [...is_array($item) ? $item : [], 'id' => $plain];
            $one = KitFile::component($line, $unit, "goods[$i]");
            $components[$id] = Component::of($id, $one->name, $one->good, $one->count);
        }

        return $components;
    }

    /** @param  array<string, Component>  $components */
    private static function card(Fields $fields, Unit $unit, array $components): Card
    {
        $takings = [];
        foreach ($fields->items('takings') as $i => $item) {
            $takings[] = self::taking($fields->item('takings', $i, $item), $components);
        }
        $card = Card::of(
            max(1, $fields->count('number', 100_000)),
            self::sketch($fields, $unit),
            WrittenCard::size($fields),
            $fields->occasion('occasion'),
            $takings,
            $fields->has('frame') ? $fields->length('frame') : null,
            $fields->choice('fold', FoldKind::class, FoldKind::Side),
            $fields->has('set') ? $fields->count('set', 100_000) : null,
            WrittenCard::arrangement($fields, $unit),
        );
        try {
            $card->layout($unit);
        } catch (CannotResolve $wrong) {
            throw BadKit::at($fields->place('sketch'), $wrong->getMessage());
        }

        return $card;
    }

    private static function sketch(Fields $fields, Unit $unit): Sketch
    {
        $name = $fields->text('sketch');
        $named = array_filter(Sketches::all(), static fn (Sketch $sketch): bool => $sketch->name === $name);

        return WrittenCard::design($fields, $unit) ?? array_values($named)[0] ?? throw BadKit::at(
            $fields->place('sketch'),
            "no sketch \"$name\" ships with Keep Share, and the card brings none.",
        );
    }

    /** @return list<Treated> */
    private static function treated(Fields $fields): array
    {
        $treated = [];
        foreach ($fields->has('treated') ? $fields->items('treated') : [] as $i => $item) {
            $one = $fields->item('treated', $i, $item);
            $tool = $one->has('tool') ? $one->text('tool') : null;
            $treated[] = Treated::by($one->text('treatment'), $tool, $one->text('option', ''));
        }

        return $treated;
    }

    /** @param  array<string, Component>  $components */
    private static function taking(Fields $fields, array $components): Taking
    {
        $id = $fields->text('component');
        $part = $fields->text('part');
        $component = $components[$id]
            ?? throw BadKit::at($fields->place('component'), "what \"$id\" is the file does not say. Give the kit beside it.");
        if (! $fields->has('width')) {
            return Taking::some($id, $part, self::amount($fields, $component));
        }
        $faces = $component->good instanceof SheetGood ? $component->good->faces() : [];
        $name = $fields->text('face', '');
        $face = (int) array_search($name, array_column($faces, 'name'), true);

        $turns = $fields->has('may_turn') ? $fields->flag('may_turn') : ($faces[$face] ?? null)?->directional !== true;

        return Taking::piece($id, $part, WrittenCard::size($fields), $face, $turns)
            ->treated(self::treated($fields));
    }

    private static function amount(Fields $fields, Component $component): int
    {
        $amount = $fields->text('amount');
        if ($component->kind() === Kind::Ribbon) {
            return $fields->length('amount')->units;
        }

        return preg_match('/^\d{1,6}$/', $amount) === 1
            ? (int) $amount
            : throw BadKit::at($fields->place('amount'), "expected a whole number, not \"$amount\".");
    }
}
