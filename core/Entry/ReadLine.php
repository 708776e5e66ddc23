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
     */
    private function __construct(
        public int $number,
        public string $text,
        public array $components,
        public bool $isHeading,
        public ?BadLine $fault,
    ) {
    }

    /** @param  list<Component>  $components */
    public static function good(int $number, string $text, array $components): self
    {
        return new self($number, $text, $components, false, null);
    }

    public static function heading(int $number, string $text): self
    {
        return new self($number, $text, [], true, null);
    }

    public static function bad(int $number, string $text, BadLine $fault): self
    {
        return new self($number, $text, [], false, $fault);
    }

    /** The word that is wrong. */
    public function word(): string
    {
        return $this->fault === null ? '' : trim(mb_substr($this->text, $this->fault->at, $this->fault->length));
    }
}
