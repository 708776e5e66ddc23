<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Component;

/** One line of a pasted packing list: components, a heading, or what is wrong with it. */
final readonly class ReadLine
{
    /**
     * @param  int  $number  from 1
     * @param  string  $text  without its bullet
     * @param  list<Component>  $components
     * @param  list<string>  $leftOver  words and numbers that became nothing of what was understood
     * @param  ControlSum|null  $sum  how many it says there are, and how many are understood
     */
    private function __construct(
        public int $number,
        public string $text,
        public array $components,
        public bool $isHeading,
        public ?BadLine $fault,
        public array $leftOver,
        public ?ControlSum $sum,
    ) {
    }

    /**
     * @param  non-empty-list<Component>  $components
     * @param  list<string>  $leftOver
     */
    public static function good(int $number, string $text, array $components, array $leftOver): self
    {
        return new self($number, $text, $components, false, null, $leftOver, ControlSum::ofLine($text, $components));
    }

    public static function heading(int $number, string $text): self
    {
        return new self($number, $text, [], true, null, [], null);
    }

    public static function bad(int $number, string $text, BadLine $fault): self
    {
        return new self($number, $text, [], false, $fault, [], null);
    }

    /**
     * A heading that says how many are below it.
     *
     * @param  list<self>  $below
     */
    public function summing(array $below): self
    {
        return new self($this->number, $this->text, [], true, null, [], ControlSum::ofHeading($this->text, $below));
    }

    /** The word that is wrong. */
    public function word(): string
    {
        return $this->fault === null ? '' : trim(mb_substr($this->text, $this->fault->at, $this->fault->length));
    }
}
