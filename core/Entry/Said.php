<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

/** The tokens of a line, and which of them have been understood. What is left at the end is the name, or is refused. */
final class Said
{
    private const NUMBERS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10,
        'eleven' => 11, 'twelve' => 12, 'fifteen' => 15, 'sixteen' => 16, 'eighteen' => 18, 'twenty' => 20, 'twenty-four' => 24,
        'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'dozen' => 12, 'pair' => 2, 'single' => 1,
    ];

    /** @var array<int, true> */
    private array $taken = [];

    /** @param  list<Token>  $tokens */
    private function __construct(public readonly array $tokens)
    {
    }

    /** @param  list<Token>  $tokens */
    public static function of(array $tokens): self
    {
        return new self($tokens);
    }

    public function take(int ...$places): void
    {
        foreach ($places as $place) {
            $this->taken[$place] = true;
        }
    }

    /** @param  list<string>  $words  in the singular; as many of them as follow each other */
    public function takeWords(int $i, array $words): void
    {
        while ($this->isWord($i, $words)) {
            $this->take($i++);
        }
    }

    public function isTaken(int $i): bool
    {
        return isset($this->taken[$i]);
    }

    /** @param  list<string>  $words  in the singular */
    public function isWord(int $i, array $words): bool
    {
        $token = $this->tokens[$i] ?? null;

        return $token !== null && $token->isWord() && (in_array($token->plain(), $words, true) || in_array($token->lower(), $words, true));
    }

    /** @param  list<string>  $words  that may stand between; @return int the first place after them */
    public function after(int $i, array $words): int
    {
        do {
            $i++;
        } while ($this->isWord($i, $words));

        return $i;
    }

    /** The number at a position, in figures or in words. Null if there is none, or it is already understood. */
    public function number(int $i): ?int
    {
        $token = $this->tokens[$i] ?? null;

        return $token === null || $this->isTaken($i) ? null : self::worth($token);
    }

    public static function worth(Token $token): ?int
    {
        if ($token->kind === TokenKind::Number || $token->kind === TokenKind::Times) {
            $number = (int) $token->text;
            $isLong = strlen(ltrim($token->text, '-0')) > 15 || $number > 999_999_999;

            return $isLong ? PHP_INT_MAX : $number * (str_ends_with($token->lower(), 'dozen') ? 12 : 1);
        }

        return $token->isWord() ? self::NUMBERS[trim($token->lower(), '.')] ?? null : null;
    }

    /** @return array<int, Token> what nothing has been made of yet, by place */
    public function left(): array
    {
        return array_diff_key($this->tokens, $this->taken);
    }
}
