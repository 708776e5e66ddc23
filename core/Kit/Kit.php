<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * A purchased kit as its packing list has it, or the stash.
 *
 * @phpstan-import-type OccasionFields from Occasions
 */
final readonly class Kit
{
    /**
     * @param  int  $promised  the cards its maker promises, 0 where none are
     * @param  list<Component>  $components
     * @param  list<KitDesign>  $designs  the cards its maker shows
     * @param  list<OccasionFields>  $occasions  those that do not ship and that it needs, as they are called where it comes from
     */
    private function __construct(
        public string $name,
        public Unit $unit,
        public Size $front,
        public int $promised,
        public ?Price $price,
        public array $components,
        public string $theme,
        public ?string $boughtOn,
        public string $instructions,
        public array $designs,
        public array $occasions,
    ) {
    }

    public function named(string $name): self
    {
        return new self(
            $name,
            $this->unit,
            $this->front,
            $this->promised,
            $this->price,
            $this->components,
            $this->theme,
            $this->boughtOn,
            $this->instructions,
            $this->designs,
            $this->occasions,
        );
    }

    /**
     * @param  list<Component>  $components  each with an id of its own
     * @param  string|null  $boughtOn  a day, YYYY-MM-DD
     * @param  list<KitDesign>  $designs  of these components
     * @param  list<OccasionFields>  $occasions  those that do not ship
     */
    public static function of(
        string $name,
        Unit $unit,
        Size $front,
        int $promised,
        ?Price $price,
        array $components,
        string $theme = '',
        ?string $boughtOn = null,
        string $instructions = '',
        array $designs = [],
        array $occasions = [],
    ): self {
        return new self(
            $name,
            $unit,
            $front,
            $promised,
            $price,
            $components,
            $theme,
            $boughtOn,
            $instructions,
            $designs,
            $occasions,
        );
    }
}
