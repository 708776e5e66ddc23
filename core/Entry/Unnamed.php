<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Colour\ColourWords;
use KeepShare\Core\Kit\Shape;

/**
 * A line that names no kind. "x2 Fern frond 12x12" has the size of a sheet and is assumed to be patterned paper. "12
 * hearts" names a picture and is assumed to be die cuts. Both are shown as guesses.
 */
final readonly class Unnamed
{
    /** The least size of a sheet of a pad, in inches. */
    private const SMALLEST_SHEET = 5;

    private const TONES = ['dark', 'light', 'pale', 'deep', 'bright', 'hot', 'soft', 'dusty'];

    private const NAMED_SHEETS = ['a4', 'a5', 'letter'];

    private function __construct(public string $line, public string $guess)
    {
    }

    public static function in(string $line): ?self
    {
        try {
            $tokens = Tokens::of($line);
        } catch (BadLine) {
            return null;
        }
        if ($tokens === [] || ! FindKind::isNone($tokens)) {
            return null;
        }
        $isNamed = array_filter($tokens, static fn (Token $one): bool => $one->kind === TokenKind::Name
            || ($one->isWord() && ! in_array($one->plain(), LineParser::IDLE, true) && Said::worth($one) === null)) !== [];
        $sheets = $isNamed ? array_filter($tokens, self::isSheet(...)) : [];
        $shapes = array_filter($tokens, static fn (Token $one): bool => $one->isWord() && Shape::named($one->text) !== null);
        $numbers = array_filter($tokens, static fn (Token $one): bool => Said::worth($one) !== null);

        return match (true) {
            $sheets !== [] && self::areColours($tokens) => new self("cardstock $line", 'taken as cardstock'),
            $sheets !== [] => new self("paper $line", 'taken as a patterned paper'),
            $shapes !== [] && $numbers !== [] => new self("die cuts $line", 'taken as a die cut'),
            default => null,
        };
    }

    /** @param  list<Token>  $tokens */
    private static function areColours(array $tokens): bool
    {
        $words = array_filter($tokens, static fn (Token $one): bool => $one->isWord() && Said::worth($one) === null
            && ! in_array($one->plain(), LineParser::IDLE, true));
        $colours = array_filter($words, static fn (Token $one): bool => ColourWords::in($one->text) !== null
            || in_array($one->lower(), self::TONES, true));

        return $colours === $words;
    }

    public static function isSheet(Token $token): bool
    {
        $sides = array_map(
            static fn (string $side): int => preg_match('/cm|mm/iu', $side) === 1 ? intdiv((int) $side, 25) : (int) $side,
            [$token->text, $token->more],
        );

        return ($token->kind === TokenKind::Size && min($sides) >= self::SMALLEST_SHEET)
            || ($token->isWord() && in_array($token->lower(), self::NAMED_SHEETS, true));
    }
}
