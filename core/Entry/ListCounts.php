<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Kind;

/**
 * The numbers in the head of a list of names: how many in all, of each, and how many designs. The names must match
 * them.
 */
final readonly class ListCounts
{
    private const QUIET = [
        'each', 'ea', 'ea.', 'of', 'sheet', 'design', 'pattern', 'colour', 'color', 'different', 'set', 'piece', 'pc', 'pcs',
    ];

    /** @param  string  $head  without its numbers and the name of a set */
    private function __construct(
        public string $head,
        public ?Token $all,
        public ?Token $each,
        public ?Token $designs,
        private bool $isSet,
    ) {
    }

    /** @param  list<Token>  $tokens  of the head */
    public static function in(string $head, array $tokens, KindFound $kind): self
    {
        $said = Said::of($tokens);
        $all = $each = $designs = null;
        $numbers = [];
        foreach ($tokens as $i => $token) {
            $isOfKind = $i >= $kind->from && $i < $kind->end();
            if ($isOfKind || Said::worth($token) === null) {
                continue;
            }
            $next = $said->after($i, ['sheet', 'piece', 'of', 'different']);
            $numbers[] = $i;
            if ($token->kind === TokenKind::Times || $said->isWord($next, ['each', 'ea', 'ea.'])) {
                $each ??= $token;
            } elseif ($each !== null || $said->isWord($next, ['design', 'pattern', 'colour', 'color', 'print'])) {
                $designs ??= $token;
            } else {
                $all ??= $token;
            }
        }
        // "1 stamp set: cake, candle": the one is the set.
        $isSet = $all !== null && Said::worth($all) === 1 && preg_match('/\b(?:sets?|sheets?|packs?|pkg?s?)\b/iu', $head) === 1;

        return new self(self::without($numbers, $head, $tokens, $kind), $all, $each, $designs, $isSet);
    }

    /** @throws BadLine at a number that the names do not come to */
    public function agree(int $all, int $names): void
    {
        if ($this->designs !== null && Said::worth($this->designs) !== $names) {
            throw $this->designs->wrong(self::disagree($this->designs->text, "there are $names names"));
        }
        $said = $this->all === null || $this->isSet ? null : Said::worth($this->all);
        if ($said !== null && $said !== $all && $said !== $names) {
            throw $this->all->wrong(self::disagree($this->all->text, "the names come to $all"));
        }
    }

    public static function disagree(string $said, string $is): string
    {
        return "$said are said, and $is. Correct whichever is wrong.";
    }

    /**
     * @param  list<int>  $numbers
     * @param  list<Token>  $tokens
     */
    private static function without(array $numbers, string $head, array $tokens, KindFound $kind): string
    {
        $kept = [];
        foreach ($tokens as $i => $token) {
            $isOfKind = $i >= $kind->from && $i < $kind->end();
            $isQuiet = ! $isOfKind && $token->isWord() && in_array($token->plain(), self::QUIET, true);
            // The size said of a set of stamps is that of its sheet.
            $isOfSet = $kind->phrase->kind === Kind::Stamp && in_array($token->kind, [TokenKind::Size, TokenKind::Square], true);
            $isName = $token->kind === TokenKind::Name || $token->kind === TokenKind::Break;
            if (! in_array($i, $numbers, true) && ! $isQuiet && ! $isOfSet && ! $isName) {
                $kept[] = mb_substr($head, $token->at, $token->length);
            }
        }

        return implode(' ', $kept);
    }
}
