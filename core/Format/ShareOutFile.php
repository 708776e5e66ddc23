<?php

declare(strict_types=1);

namespace KeepShare\Core\Format;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\ArrangementWriter;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Outlook\Addition;
use KeepShare\Core\Outlook\Shortfall\Shortfall;
use KeepShare\Core\Outlook\Stop;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\SketchWriter;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/** The open format keepshare/share-out, version 1: docs/formats/share-out.schema.json. */
final readonly class ShareOutFile
{
    public const FORMAT = 'keepshare/share-out';

    public const VERSION = 1;

    /** @param  list<Card>  $cards */
    private function __construct(private Table $table, private array $cards)
    {
    }

    /**
     * @param  Table  $table  without the cards
     * @param  list<Card>  $cards
     * @param  array{cards: int, binds: string, how: string}|null  $bound  no share-out has more cards, and why
     * @param  list<Shortfall>  $shortfalls  the wishes that are not met
     * @return array<string, mixed>
     */
    public static function write(
        string $kit,
        Table $table,
        array $cards,
        ?array $bound = null,
        ?Stop $stop = null,
        array $shortfalls = [],
    ): array {
        $file = new self($table, $cards);

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'kit' => $kit,
            'unit' => $table->unit->value,
            'cards' => array_map($file->card(...), $cards),
            'goods' => $file->goods(),
            'balance' => $file->balance(),
            ...($bound === null ? [] : ['bound' => $bound]),
            ...($stop === null ? [] : ['stop' => self::stop($stop)]),
            ...($shortfalls === [] ? [] : ['shortfalls' => array_map(
                static fn (Shortfall $one): array => ['wish' => $one->wish, 'says' => $one->says],
                $shortfalls,
            )]),
        ];
    }

    /**
     * One line for each taking: card, occasion, sketch, part, component, face, amount.
     *
     * @param  list<Card>  $cards
     * @return list<list<string>>
     */
    public static function lines(Table $table, array $cards): array
    {
        $file = new self($table, $cards);
        $lines = [['card', 'occasion', 'sketch', 'part', 'component', 'face', 'amount']];
        foreach ($cards as $card) {
            foreach ($card->takings as $taking) {
                $component = $table->components[$taking->component];
                $lines[] = [
                    (string) $card->number,
                    $card->occasion->label(),
                    $card->sketch->name,
                    $card->partName($taking->part),
                    $component->name,
                    $file->face($taking) ?? '',
                    $taking->size?->format($table->unit) ?? $file->amount($component, $taking->quantity),
                ];
            }
        }

        return $lines;
    }

    /** @return array{wants: string, outlook: string, additions: list<array{cards: int, counts: array<string, int>, says: string}>} */
    private static function stop(Stop $stop): array
    {
        return [
            'wants' => $stop->wants(),
            'outlook' => $stop->outlook(),
            'additions' => array_map(static fn (Addition $one): array => [
                'cards' => $one->cards,
                'counts' => $one->counts,
                'says' => $one->says(),
            ], $stop->additions),
        ];
    }

    /** @return array<string, mixed> */
    private function card(Card $card): array
    {
        $places = $this->places($card);

        return [
            'number' => $card->number,
            'occasion' => $card->occasion->value,
            'sketch' => $card->sketch->name,
            'width' => $card->front->width->exact($this->table->unit),
            'height' => $card->front->height->exact($this->table->unit),
            'fold' => $card->fold->value,
            ...($card->frame === null ? [] : ['frame' => $card->frame->exact($this->table->unit)]),
            ...($card->set === null ? [] : ['set' => $card->set]),
            ...(Sketches::ships($card->sketch) ? [] : ['design' => SketchWriter::write($card->sketch)]),
            ...self::arranged($card->arrangement),
            'takings' => array_map(fn (Taking $taking): array => array_filter([
                'part' => $taking->part,
                'component' => $taking->component,
                'name' => $this->table->components[$taking->component]->name,
                'face' => $this->face($taking),
                'width' => $taking->size?->width->exact($this->table->unit),
                'height' => $taking->size?->height->exact($this->table->unit),
                'amount' => $taking->size === null ? $this->exactly($taking) : null,
                'may_turn' => $taking->mayTurn === $this->turns($taking) ? null : $taking->mayTurn,
                'treated' => array_map(static fn (Treated $one): array => $one->write(), $taking->treated) ?: null,
                ...$places[$taking->part] ?? [],
            ], static fn (mixed $value): bool => $value !== null), $card->takings),
        ];
    }

    /** @return array<string, mixed> how its pieces lie together: by its key, or whole where it does not ship as it is */
    private static function arranged(?Arrangement $arrangement): array
    {
        return $arrangement === null ? [] : [
            'arrangement' => $arrangement->key,
            ...Arrangements::ships($arrangement) ? [] : ['arranged' => ArrangementWriter::write($arrangement)],
        ];
    }

    /**
     * Where each piece lies: its middle from the left and the lower edge of the front, its angle, and its layers of
     * foam. Trimmings have the middle of all, and each by itself.
     *
     * @return array<string, array<string, mixed>> by part
     */
    private function places(Card $card): array
    {
        $group = CardGroup::of($card, $card->layout($this->table->unit), $this->table->components, $this->table->unit);
        $places = [];
        if ($group === null) {
            return [];
        }
        foreach ($group->pieces as $part => $piece) {
            $places[$part] = [
                ...$this->at($piece->x, $piece->y, $group->front),
                'turn' => $piece->spot->turn,
                'up' => $piece->up,
                'trimmed' => $piece->trim !== null ?: null,
            ];
        }
        $dots = $group->dots;
        if ($dots !== []) {
            $middle = static fn (int $n): int => intdiv(array_sum(array_column($dots, $n)), count($dots));
            $places[GroupPart::ID] = [
                ...$this->at($middle(0), $middle(1), $group->front),
                'turn' => 0,
                'up' => 0,
                'each' => array_map(fn (array $dot): array => $this->at($dot[0], $dot[1], $group->front), $dots),
            ];
        }

        return $places;
    }

    /** @return array{x: string, y: string} */
    private function at(int $x, int $y, Size $front): array
    {
        $exact = fn (int $units): string => ($units < 0 ? '-' : '').Length::ofUnits(abs($units))->exact($this->table->unit);

        return ['x' => $exact($x), 'y' => $exact($front->height->units - $y)];
    }

    /** @return list<array<string, mixed>> what the cards are made of, as in a kit file */
    private function goods(): array
    {
        $taken = [];
        foreach ($this->cards as $card) {
            foreach ($card->takings as $taking) {
                foreach ([$taking->component, ...array_column($taking->treated, 'tool')] as $id) {
                    $taken[$id] = $this->table->components[$id ?? ''] ?? null;
                }
            }
        }
        $taken = array_filter($taken);
        $unit = $this->table->unit;

        return array_values(array_map(static fn (Component $one): array => KitFile::written($one, $unit), $taken));
    }

    /** @return list<array<string, string|int>> every component: what there is, what is taken, what is kept */
    private function balance(): array
    {
        $plans = RemainingStock::on($this->table->after(...$this->cards))->plans();
        $taken = [];
        foreach ($this->cards as $card) {
            foreach ($card->takings as $taking) {
                $taken[$taking->component] = ($taken[$taking->component] ?? 0) + $taking->quantity;
            }
        }
        $lines = [];
        foreach ($this->table->components as $id => $component) {
            if ($component->kind() === Kind::Tool) {
                continue;
            }
            $line = ['component' => $id, 'name' => $component->name];
            if ($component->good instanceof SheetGood) {
                $sheets = count($this->table->laying->stock[$id] ?? []);
                $opened = count(($plans[$id] ?? null)->sheets ?? []);
                $lines[] = [...$line, 'sheets' => $sheets, 'pieces' => $taken[$id] ?? 0, 'opened' => $opened, 'kept' => $sheets - $opened];

                continue;
            }
            $have = $this->table->laying->free[$id] ?? 0;
            $lines[] = $component->isEndless() ? [...$line, 'have' => 'endless', 'taken' => 0, 'kept' => 'endless'] : [
                ...$line,
                'have' => $this->amount($component, $have),
                'taken' => $this->amount($component, $taken[$id] ?? 0),
                'kept' => $this->amount($component, $have - ($taken[$id] ?? 0)),
            ];
        }

        return $lines;
    }

    /** A piece of a print that is not directional may usually be turned. */
    private function turns(Taking $taking): bool
    {
        $face = $this->table->components[$taking->component]->face($taking->face);

        return $taking->size !== null && $face?->directional !== true;
    }

    private function face(Taking $taking): ?string
    {
        return $taking->size === null ? null : $this->table->components[$taking->component]->face($taking->face)?->name;
    }

    /** Pieces, or a length of ribbon, in a form that can be read back. */
    private function exactly(Taking $taking): string
    {
        $isRibbon = $this->table->components[$taking->component]->kind() === Kind::Ribbon;

        return $isRibbon ? Length::ofUnits($taking->quantity)->exact($this->table->unit) : (string) $taking->quantity;
    }

    /** Pieces, or a length of ribbon with its unit. It is below 0 for a row that is short. */
    private function amount(Component $component, int $quantity): string
    {
        if ($component->kind() !== Kind::Ribbon) {
            return (string) $quantity;
        }

        return ($quantity < 0 ? '-' : '').Length::ofUnits(abs($quantity))->label($this->table->unit);
    }
}
