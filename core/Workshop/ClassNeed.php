<?php

declare(strict_types=1);

namespace KeepShare\Core\Workshop;

/** What a class needs of one component. */
final readonly class ClassNeed
{
    /**
     * @param  int  $needs  sheets, pieces, or of ribbon a length in units, with the spares
     * @param  int  $spares  pieces among them for mistakes; of what is cut, cut pieces
     * @param  array<int, int>  $settings  how many cuts are made at each setting of the guide, in units, the one used most first
     */
    private function __construct(public string $component, public int $needs, public int $spares, public array $settings)
    {
    }

    /** @param  array<int, int>  $settings */
    public static function of(string $component, int $needs, int $spares, array $settings): self
    {
        return new self($component, $needs, $spares, $settings);
    }
}
