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

    /** For words: in small letters and the singular. */
    public function plain(): string
    {
        $word = trim($this->lower(), ".!?'’*");
        $irregular = ['dies' => 'die', 'glasses' => 'glass', 'brushes' => 'brush', 'punches' => 'punch', 'patches' => 'patch'];

        return $irregular[$word] ?? match (true) {
            preg_match('/(?:ss|us|as)$/', $word) === 1, mb_strlen($word) < 4 => $word,
            str_ends_with($word, 'ies') => substr($word, 0, -3).'y',
            preg_match('/(?:x|ch|sh|ss)es$/', $word) === 1 => substr($word, 0, -2),
            default => preg_replace('/s$/', '', $word) ?? $word,
        };
    }

    public function isWord(): bool
    {
        return $this->kind === TokenKind::Word;
    }
}
