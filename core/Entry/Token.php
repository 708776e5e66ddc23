<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

/** One word, measure or quoted name of a typed line. */
final readonly class Token
{
    private function __construct(public TokenKind $kind, public string $text, public string $more, public int $at, public int $length)
    {
    }

    /**
     * @param  string  $more  the second measure of a size
     * @param  int  $at  in characters from the start of the line
     */
    public static function of(TokenKind $kind, string $text, string $more, int $at, int $length): self
    {
        return new self($kind, $text, $more, $at, $length);
    }

    public function lower(): string
    {
        return mb_strtolower($this->text);
    }

    public function wrong(string $message): BadLine
    {
        return BadLine::at($this->at, $this->length, $message);
    }
}
