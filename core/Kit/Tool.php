<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Size;

/** A die, folder, stencil or punch with its size and shape, or an ink or powder with its colour. */
final readonly class Tool implements Endless
{
    use Whole;

    private function __construct(
        public ToolKind $tool,
        public ?Size $makes,
        public ?Shape $shape,
        public ?Colour $colour,
        public bool $directional,
    ) {
    }

    /** @param  bool  $directional what it makes is directional */
    public static function of(
        ToolKind $tool,
        ?Size $makes = null,
        ?Shape $shape = null,
        ?Colour $colour = null,
        bool $directional = false,
    ): self {
        return new self($tool, $makes, $shape, $colour, $directional);
    }

    /** Whether it cuts a shape of a known size from a scrap. */
    public function cutsShapes(): bool
    {
        return $this->tool === ToolKind::Die && $this->makes !== null && $this->shape !== null;
    }

    public function kind(): Kind
    {
        return Kind::Tool;
    }

    public static function read(GoodFields $fields): self
    {
        return self::of(
            $fields->fields->choice('tool', ToolKind::class),
            $fields->has('makes') ? $fields->size('makes') : null,
            $fields->has('shape') ? $fields->fields->choice('shape', Shape::class) : null,
            $fields->has('colour') ? $fields->fields->colour('colour') : null,
            $fields->fields->flag('directional'),
        );
    }

    public function write(GoodWriter $as): array
    {
        return array_filter([
            'tool' => $this->tool->value,
            'makes' => $this->makes === null ? null : $as->size($this->makes),
            'shape' => $this->shape?->value,
            'colour' => $this->colour?->hex,
            'directional' => $this->directional,
        ], static fn (mixed $value): bool => $value !== null);
    }

    public static function inRow(TableRow $row): array
    {
        return ['tool' => $row->cell('form') ?? 'die', 'makes' => $row->size(), 'shape' => $row->cell('shape')];
    }

    public static function jotted(Jotting $line): self
    {
        return self::of(ToolKind::tryFrom($line->word) ?? ToolKind::Die, $line->size, null, $line->colours[0] ?? null, $line->directional);
    }

    public function extent(): ?Size
    {
        return $this->makes;
    }

    public function colours(): array
    {
        return $this->colour === null ? [] : [$this->colour];
    }

    public static function group(): KindGroup
    {
        return KindGroup::Tools;
    }
}
