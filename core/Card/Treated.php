<?php

declare(strict_types=1);

namespace KeepShare\Core\Card;

/** What is done to the piece of one part: which treatment, with which tool, and which option. */
final readonly class Treated
{
    private function __construct(public string $treatment, public ?string $tool, public string $option)
    {
    }

    /**
     * @param  string  $treatment  its key
     * @param  string|null  $tool  the id of the component it is done with; null where it needs none
     * @param  string  $option  where there are several ways: "two corners"
     */
    public static function by(string $treatment, ?string $tool, string $option = ''): self
    {
        return new self($treatment, $tool, $option);
    }

    /** @return array{treatment: string, tool: string|null, option: string} */
    public function write(): array
    {
        return ['treatment' => $this->treatment, 'tool' => $this->tool, 'option' => $this->option];
    }
}
