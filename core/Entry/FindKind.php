<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KindGroup;

/**
 * Finds the kind that a line is about. People write the kind first and its name after it ("die cuts lantern"), or the
 * kind last, as they speak ("satin ribbon", "paper flowers"). Words after "with", "for" or "in" do not name the kind.
 */
final class FindKind
{
    private const LONGEST = 5;

    /**
     * Only things made of a material may be named by it: "paper flowers" are flowers, "die cut flowers" are die cuts.
     */
    private const MATERIALS = [
        'paper', 'fabric', 'ribbon', 'cardstock', 'vellum', 'acetate', 'lace', 'felt', 'kraft', 'wood', 'foil', 'glitter paper', 'twine',
        'shimmer', 'glitter', 'mirror',
    ];

    private const ENDS = ['with', 'for', 'in', 'from', 'incl', 'incl.', 'including', 'plus', 'featuring', 'to'];

    private const HOLDERS = ['card', 'string', 'bundle', 'sheet', 'strip'];

    /** Words that begin the name of another kind as often as they end one: "kraft card", "card blanks". */
    private const GO_ON = ['card', 'paper'];

    private const AND = ['and', '&', '+', 'und'];

    /**
     * @param  list<Token>  $tokens
     *
     * @throws BadLine where there is no kind in it, or two
     */
    public static function in(array $tokens): KindFound
    {
        $found = self::all($tokens);
        foreach ([KindPhrase::SURE, KindPhrase::LIKELY, KindPhrase::MAYBE] as $tier) {
            $these = array_values(array_filter($found, static fn (KindFound $one): bool => $one->phrase->tier === $tier));
            if ($these !== []) {
                self::refuseTwo($these, $tokens);

                return self::madeOf($found, self::oneOf($these, $tokens), $tokens);
            }
        }
        $first = self::firstWord($tokens);

        throw $first->wrong(
            "\"$first->text\" is not a kind. Say what it is, such as paper, cardstock, base, envelope, die cut, sentiment, sticker, "
                .'gems, ribbon, foam, stamp or die.',
        );
    }

    /**
     * No word names a kind.
     *
     * @param  list<Token>  $tokens
     */
    public static function isNone(array $tokens): bool
    {
        return self::all($tokens) === [];
    }

    /** It names one kind, or several. */
    public static function namesAny(string $text): bool
    {
        try {
            $kinds = self::everywhere(Tokens::of($text));

            return array_filter($kinds, static fn (KindFound $one): bool => $one->phrase->tier !== KindPhrase::MAYBE) !== [];
        } catch (BadLine) {
            return false;
        }
    }

    /** The kind that a text names. Null if it names none, or two. */
    public static function named(string $text): ?KindFound
    {
        try {
            $tokens = Tokens::of($text);

            return $tokens === [] ? null : self::in($tokens);
        } catch (BadLine) {
            return null;
        }
    }

    /**
     * All kinds that a line names, in any place.
     *
     * @param  list<Token>  $tokens
     * @return list<KindFound>
     */
    public static function everywhere(array $tokens): array
    {
        $found = self::all($tokens);
        $last = $found === [] ? count($tokens) : $found[count($found) - 1]->end();
        foreach (array_keys(array_slice($tokens, $last, preserve_keys: true)) as $from) {
            $rest = self::all(array_slice($tokens, $from));
            $one = $rest[0] ?? null;
            if ($one?->from === 0) {
                $found[] = new KindFound($one->phrase, $from, $one->many, $one->isPlural, $one->said);
            }
        }

        return $found;
    }

    /**
     * @param  list<Token>  $tokens
     * @return list<KindFound> the longest at each place
     */
    private static function all(array $tokens): array
    {
        $phrases = KindPhrases::all();
        $found = [];
        for ($from = 0; $from < count($tokens); $from++) {
            if ($from > 0 && $tokens[$from]->isWord() && in_array($tokens[$from]->lower(), self::ENDS, true) && $found !== []) {
                break;
            }
            for ($many = min(self::LONGEST, count($tokens) - $from); $many > 0; $many--) {
                $words = array_slice($tokens, $from, $many);
                $phrase = $words === [] || self::isCarrier($tokens, $from, $many) ? null : self::phrase($words, $phrases);
                if ($phrase !== null && ! self::isCut($tokens, $from, $many, $phrases)) {
                    $found[] = $phrase($from, $many);
                    $from += $many - 1;

                    break;
                }
            }
        }

        return $found;
    }

    /**
     * "a card of 16 brads", "string of lights stickers": the container is not the kind.
     *
     * @param  list<Token>  $tokens
     */
    private static function isCarrier(array $tokens, int $from, int $many): bool
    {
        $next = $tokens[$from + 1] ?? null;
        $isHolder = $many === 1 && in_array($tokens[$from]->lower(), self::HOLDERS, true);

        return $isHolder && $next !== null && $next->isWord() && $next->lower() === 'of';
    }

    /**
     * "kraft card blanks" are blanks of kraft and not kraft card: a longer name overlaps the end.
     *
     * @param  list<Token>  $tokens
     * @param  array<string, KindPhrase>  $phrases
     */
    private static function isCut(array $tokens, int $from, int $many, array $phrases): bool
    {
        $last = $tokens[$from + $many - 1];
        $next = $tokens[$from + $many] ?? null;

        return $many > 1 && $next !== null && in_array($last->plain(), self::GO_ON, true)
            && (self::phrase([$last, $next], $phrases) !== null);
    }

    /**
     * @param  non-empty-list<Token>  $words
     * @param  array<string, KindPhrase>  $phrases
     * @return (callable(int, int): KindFound)|null
     */
    private static function phrase(array $words, array $phrases): ?callable
    {
        foreach ($words as $word) {
            if (! $word->isWord()) {
                return null;
            }
        }
        $last = $words[count($words) - 1];
        $said = implode(' ', array_map(static fn (Token $word): string => $word->text, $words));
        $texts = array_map(static fn (Token $word): string => trim($word->lower(), '.'), array_slice($words, 0, -1));
        $singulars = array_map(static fn (Token $word): string => $word->plain(), array_slice($words, 0, -1));
        $isPlural = $last->plain() !== trim($last->lower(), '.');
        // British makers call cardstock "card". "Cards" are bases.
        if (count($words) === 1 && $last->plain() === 'card') {
            $phrase = KindPhrase::of($isPlural ? Kind::Base : Kind::Cardstock);

            return static fn (int $from, int $many): KindFound => new KindFound($phrase, $from, $many, $isPlural, $said);
        }
        foreach ([$texts, $singulars] as $before) {
            foreach ([$last->plain(), trim($last->lower(), '.')] as $end) {
                $named = implode(' ', [...$before, $end]);
                $phrase = $phrases[$named] ?? $phrases[str_replace('-', ' ', $named)] ?? null;
                if ($phrase !== null) {
                    return static fn (int $from, int $many): KindFound => new KindFound($phrase, $from, $many, $isPlural, $said);
                }
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<KindFound>  $found
     * @param  list<Token>  $tokens
     *
     * @throws BadLine
     */
    private static function refuseTwo(array $found, array $tokens): void
    {
        for ($i = 1; $i < count($found); $i++) {
            [$one, $other] = [$found[$i - 1], $found[$i]];
            $between = array_slice($tokens, $one->end(), $other->from - $one->end());
            $isAnd = count($between) === 1 && $between[0]->isWord() && in_array($between[0]->lower(), self::AND, true);
            if ($isAnd && [$one->phrase->kind, $one->phrase->word] !== [$other->phrase->kind, $other->phrase->word]) {
                throw $tokens[$other->from]->wrong("There are two kinds in the line: $one->said, and $other->said. Write each on a line.");
            }
        }
    }

    /**
     * @param  non-empty-list<KindFound>  $found
     * @param  list<Token>  $tokens
     */
    private static function oneOf(array $found, array $tokens): KindFound
    {
        $first = $found[0];
        foreach (array_slice($found, 1) as $next) {
            if (self::isStock($first, $next) && ! self::isApart($first, $next, $tokens)) {
                $first = $next;

                continue;
            }
            $isCompound = $next->from === $first->end() && ! $first->isPlural;
            if (! $isCompound) {
                return self::isAtStart($first, $tokens) || self::isApart($first, $next, $tokens) ? $first : $found[count($found) - 1];
            }
            $first = $next;
        }

        return $first;
    }

    /** "10 kraft A2 bases": the first word only says what they are made of. */
    private static function isStock(KindFound $first, KindFound $next): bool
    {
        return in_array(mb_strtolower($first->said), self::MATERIALS, true) && $next->phrase->kind->good()::group() === KindGroup::Bases;
    }

    /**
     * "paper flowers": a plural after a material, at the end of its phrase, is the kind.
     *
     * @param  list<KindFound>  $all
     * @param  list<Token>  $tokens
     */
    private static function madeOf(array $all, KindFound $kind, array $tokens): KindFound
    {
        if ($kind->isPlural || ! in_array(mb_strtolower($kind->said), self::MATERIALS, true)) {
            return $kind;
        }
        // "paper leaves 6x6" are sheets printed with leaves. Without a size, or of felt, they are leaves.
        $isFlat = in_array(mb_strtolower($kind->said), ['paper', 'cardstock'], true);
        $sizes = array_filter($tokens, static fn (Token $token): bool => $token->kind === TokenKind::Size);
        if ($isFlat && $sizes !== []) {
            return $kind;
        }
        foreach ($all as $one) {
            // "20 tags 4 x 7 cm kraft": a material at the end says what they are made of.
            $behind = array_filter(array_slice($tokens, $kind->end()), static fn (Token $token): bool => $token->isWord());
            if ($one->isPlural && $one->end() < $kind->from && $behind === []) {
                return $one;
            }
            $after = $tokens[$one->end()] ?? null;
            $isThing = $one->isPlural && (! $isFlat || $after === null || ! $after->isWord());
            $isTool = in_array($one->phrase->kind, [Kind::Tool, Kind::Adhesive], true);
            if ($one->from === $kind->end() && ($isThing || $isTool)) {
                return new KindFound($one->phrase, $kind->from, $kind->many + $one->many, true, "$kind->said $one->said");
            }
        }

        return $kind;
    }

    /**
     * Words after a comma describe what came before it: "white envelopes, vellum".
     *
     * @param  list<Token>  $tokens
     */
    private static function isApart(KindFound $one, KindFound $next, array $tokens): bool
    {
        $between = array_slice($tokens, $one->end(), $next->from - $one->end());

        return array_filter($between, static fn (Token $token): bool => $token->kind === TokenKind::Break) !== [];
    }

    /** @param  list<Token>  $tokens */
    private static function isAtStart(KindFound $kind, array $tokens): bool
    {
        foreach (array_slice($tokens, 0, $kind->from) as $token) {
            if ($token->isWord() && preg_match('/\d/', $token->text) !== 1) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<Token>  $tokens */
    private static function firstWord(array $tokens): Token
    {
        foreach ($tokens as $token) {
            if ($token->isWord()) {
                return $token;
            }
        }

        return $tokens[0];
    }
}
