<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** One line of a packing list as a table: cells by the name of their column, with what several kinds have in common. */
final readonly class TableRow
{
    /** The colour if none is named. */
    private const GREY = '#d8d5cc';

    /** @param  array<string, string>  $cells  those that are not empty */
    private function __construct(private array $cells)
    {
    }

    /** @param  array<string, string>  $cells */
    public static function of(array $cells): self
    {
        return new self(array_filter(array_map(trim(...), $cells), static fn (string $cell): bool => $cell !== ''));
    }

    public function cell(string $column): ?string
    {
        return $this->cells[$column] ?? null;
    }

    public function colour(string $else = self::GREY): string
    {
        return $this->cells['colour'] ?? $else;
    }

    /** @return array{width: string, height: string}|null */
    public function size(): ?array
    {
        return isset($this->cells['width']) || isset($this->cells['height'])
            ? ['width' => $this->cells['width'] ?? '', 'height' => $this->cells['height'] ?? '']
            : null;
    }

    /** @return array{words?: string, occasions?: list<string>} */
    public function words(): array
    {
        $occasions = preg_split('/[\s,;|]+/', mb_strtolower($this->cells['occasions'] ?? ''), -1, PREG_SPLIT_NO_EMPTY);

        return isset($this->cells['words']) ? ['words' => $this->cells['words'], 'occasions' => $occasions ?: []] : [];
    }

    /** The shape that its name mentions, if it is a picture. */
    private function shape(bool $isWords): string
    {
        return $isWords ? Shape::Label->value : (Shape::named($this->cells['name'] ?? '') ?? Shape::Plain)->value;
    }

    /** @return array<string, mixed> a print of a die cut or sticker: a picture, unless it has words */
    public function printed(): array
    {
        $words = $this->words();

        return [
            'size' => $this->size(),
            'serves' => $this->cells['serves'] ?? ($words === [] ? Serves::Image->value : Serves::Sentiment->value),
            'shape' => $this->cells['shape'] ?? $this->shape($words !== []),
            'colours' => array_values(array_filter([$this->colour(), $this->cells['back'] ?? null])),
            ...$words,
        ];
    }

    /** @return list<array<string, mixed>> */
    public function faces(): array
    {
        $name = $this->cells['name'] ?? '';

        return [
            [
                'name' => $name,
                'motif' => $this->cells['motif'] ?? Motif::Solid->value,
                'colours' => [$this->colour(), ...array_filter([$this->cells['back'] ?? null])],
                'busy' => $this->isYes('busy'),
                'directional' => $this->isYes('directional'),
            ],
            [
                'name' => "$name, back",
                'motif' => $this->cells['back motif'] ?? Motif::Solid->value,
                'colours' => [$this->cells['back'] ?? $this->colour()],
            ],
        ];
    }

    private function isYes(string $column): bool
    {
        return in_array(mb_strtolower($this->cells[$column] ?? ''), ['yes', 'y', 'true', '1', 'x', 'busy'], true);
    }
}
