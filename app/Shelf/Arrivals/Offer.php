<?php

namespace App\Shelf\Arrivals;

/**
 * What would be done with it, and where it is sent for that.
 *
 * @phpstan-type Choice array{
 *     does: string,
 *     address: string, // with {kit} where it is for one
 *     field: string, // that the text or the file is sent in
 * }
 */
final readonly class Offer
{
    /**
     * @param  string  $says  "A packing list of 31 lines, for a new kit."
     * @param  non-empty-list<Choice>  $choices  the likeliest first
     * @param  string|null  $kit  the name of the kit it is for; null where it is for none that is there
     * @param  About|null  $about  what the new kit is, to be looked at
     */
    public function __construct(public string $says, public array $choices, public ?string $kit = null, public ?About $about = null)
    {
    }

    /** One thing to do. */
    public static function to(string $does, string $says, string $address, string $field): self
    {
        return new self($says, [['does' => $does, 'address' => $address, 'field' => $field]]);
    }

    /** For a kit that is there already. */
    public function forKit(string $name): self
    {
        return new self($this->says, $this->choices, $name, $this->about);
    }

    public function with(About $about): self
    {
        return new self($this->says, $this->choices, $this->kit, $about);
    }
}
