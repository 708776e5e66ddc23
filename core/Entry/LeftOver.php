<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * Words and numbers of a line that became neither a kind, nor a name, a count or a measure. They are shown beside the
 * line, so that nothing is lost. This class looks only at the line and at what is shown of it. It does not know how the
 * line was read.
 */
final readonly class LeftOver
{
    /** Words that only connect others, or say how things are counted and measured. */
    private const QUIET = [
        'per', 'every', 'apiece', 'ea', 'all', 'or', 'on', 'from', 'to', 'for', 'also', 'both', 'its', 'their', 'is', 'are',
        'pack', 'package', 'pkg', 'pk', 'set', 'bundle', 'row', 'length', 'count', 'ct', 'item', 'element', 'bit', 'unit', 'page',
        'off', 'pattern', 'motif', 'style', 'kind', 'sort', 'variety', 'colour', 'color', 'colourway', 'colorway', 'print',
        'square', 'dozen', 'pair', 'single', 'yard', 'yd', 'foot', 'feet', 'ft', 'inch', 'metre', 'meter', 'm', 'cm', 'mm', 'w',
        'l', 'width', 'diameter', 'dia', 'across', 'thick', 'thickness', 'high', 'deep', 'cover', 'text', 'weight', 'matching',
        'coordinating', 'plenty', 'lot', 'busy', 'calm', 'directional', 'double', 'dual', 'reversible',
    ];

    /**
     * Container words are used up if a number or "of" is next to them. Otherwise they are things themselves: "flower
     * pots".
     */
    private const HOLDERS = [
        'packet', 'box', 'bag', 'tube', 'jar', 'tin', 'pot', 'vial', 'bottle', 'card', 'strip', 'pad', 'stack', 'roll',
        'spool', 'reel', 'skein', 'hank', 'bobbin',
    ];

    private const ROLLS = ['roll', 'spool', 'reel', 'skein', 'hank', 'bobbin'];

    /** @param  list<Component>  $components */
    private function __construct(private array $components, private Unit $unit)
    {
    }

    /**
     * @param  list<Component>  $components  what the line was read as
     * @return list<string> the words and numbers, as written and in their order
     */
    public static function of(string $line, array $components, Unit $unit): array
    {
        $left = new self($components, $unit);
        try {
            $tokens = Tokens::of(PlainLine::of($line));
        } catch (BadLine) {
            return [$line];
        }
        $shown = [...$left->shown(), ...$left->sides()];
        $numbers = $left->numbers($tokens);
        $kinds = $left->kinds($tokens);
        $found = [];
        foreach ($tokens as $i => $token) {
            $isSaid = match ($token->kind) {
                TokenKind::Break, TokenKind::Colour => true,
                TokenKind::Word => $left->isWord($token, $tokens, $i, $kinds, $shown, $numbers),
                TokenKind::Name => $left->areShown($token->text, $shown),
                TokenKind::Number, TokenKind::Times => in_array(Said::worth($token), $numbers, true)
                    || in_array($token->text, $shown, true),
                TokenKind::Size, TokenKind::Square => $left->isSize($token),
                TokenKind::Length => $left->isLength($token),
                TokenKind::Weight => $left->hasSheets(),
                TokenKind::Amount => $left->isNamed($token->text),
            };
            if (! $isSaid) {
                $found[] = trim($token->text.($token->kind === TokenKind::Size ? " × $token->more" : ''));
            }
        }

        return $found;
    }

    /**
     * @param  list<Token>  $tokens
     * @param  list<KindFound>  $kinds
     * @param  list<string>  $shown
     * @param  list<int>  $numbers
     */
    private function isWord(Token $token, array $tokens, int $i, array $kinds, array $shown, array $numbers): bool
    {
        $worth = Said::worth($token);
        $isHolder = in_array($token->plain(), self::HOLDERS, true)
            && (($tokens[$i + 1] ?? null)?->lower() === 'of' || (isset($tokens[$i - 1]) && Said::worth($tokens[$i - 1]) !== null));
        $isHolder = $isHolder || ($this->isByLength() && in_array($token->plain(), self::ROLLS, true));
        $isThing = ! $isHolder && in_array($token->plain(), self::HOLDERS, true);
        $isQuiet = in_array($token->plain(), self::QUIET, true) || (! $isThing && in_array($token->plain(), LineParser::IDLE, true));

        return $isHolder || $isQuiet || ($worth !== null && in_array($worth, $numbers, true)) || $this->areShown($token->text, $shown)
            || in_array($token->text, $shown, true) || preg_match('/^(?:busy|calm)(?:\|(?:busy|calm))*$/iu', $token->text) === 1
            || self::isOfKind($kinds, $i) || NamedSize::of($token->text, $this->components[0]->kind()) !== null
            || preg_match('/sided$|^[()*.…!?&+-]+$/iu', $token->text) === 1;
    }

    /**
     * @param  list<Token>  $tokens
     * @return list<KindFound> the kinds named in the line that are among what was understood
     */
    private function kinds(array $tokens): array
    {
        $understood = array_map(static fn (Component $one): Kind => $one->kind(), $this->components);
        $isMeant = static fn (KindFound $kind): bool => in_array($kind->phrase->kind, $understood, true);

        return array_values(array_filter(FindKind::everywhere($tokens), $isMeant));
    }

    /**
     * Part of the name of a kind.
     *
     * @param  list<KindFound>  $kinds
     */
    private static function isOfKind(array $kinds, int $i): bool
    {
        return array_filter($kinds, static fn (KindFound $kind): bool => $i >= $kind->from && $i < $kind->end()) !== [];
    }

    /** @param  list<string>  $shown */
    private function areShown(string $text, array $shown): bool
    {
        return array_diff(self::stems($text), $shown) === [];
    }

    private function isNamed(string $text): bool
    {
        $bare = static fn (string $one): string => (string) preg_replace('/\s+/u', '', mb_strtolower($one));
        $named = array_filter($this->components, static fn (Component $one): bool => str_contains($bare($one->name), $bare($text)));

        return $named !== [];
    }

    private function isByLength(): bool
    {
        return $this->components[0]->kind()->isByLength();
    }

    private function hasSheets(): bool
    {
        return array_filter($this->components, static fn (Component $one): bool => $one->kind()->isSheets()) !== [];
    }

    private function isSize(Token $token): bool
    {
        $second = $token->more === '' ? $token->text : $token->more;
        if ($this->isNamed("{$token->text}×$second") || $this->isNamed("$token->text wide")) {
            return true;
        }
        try {
            $size = Size::parse($token->text, $second, $this->unit);
            $turned = Size::parse($second, $token->text, $this->unit);
        } catch (BadMeasure) {
            return false;
        }
        foreach ($this->components as $one) {
            $extent = $one->good->extent();
            // A unit after one side is meant for both.
            $hasUnit = preg_match("/\p{L}|″/u", $token->text.$second) === 1;
            if ($one->kind()->isByLength() || ($extent !== null && ($hasUnit || $extent->matches($size) || $extent->matches($turned)))) {
                return true;
            }
        }

        return false;
    }

    private function isLength(Token $token): bool
    {
        try {
            $units = Length::parse($token->text, $this->unit)->units;
        } catch (BadMeasure) {
            return $this->isNamed($token->text);
        }
        foreach ($this->components as $one) {
            $extent = $one->good->extent();
            $isLong = $one->kind()->isByLength() && $one->count % max(1, $units) === 0;
            $isSide = $extent !== null && in_array($units, [$extent->width->units, $extent->height->units], true);
            $isThick = $one->good instanceof Foam && $one->good->thickness->units === $units;
            if ($isLong || $isSide || $isThick) {
                return true;
            }
        }

        return $this->isNamed($token->text);
    }

    /**
     * The numbers that explain a count: each count, their sum, how many things there are, and factors of these within
     * the line.
     *
     * @param  list<Token>  $tokens
     * @return list<int>
     */
    private function numbers(array $tokens): array
    {
        $counted = array_filter($this->components, static fn (Component $one): bool => ! $one->isEndless() && ! $one->kind()->isByLength());
        $counts = array_map(static fn (Component $one): int => $one->count, array_values($counted));
        $is = [1, ...$counts, array_sum($counts), count($this->components)];
        foreach (array_count_values($counts) as $count => $many) {
            array_push($is, $many, $many * $count);
        }
        foreach ($this->components as $one) {
            // Three rolls of two yards are six.
            $rolls = $one->kind()->isByLength() ? range(2, 12) : [];
            array_push($is, ...$rolls);
        }
        $said = array_values(array_filter(array_map(Said::worth(...), $tokens)));
        foreach ($said as $i => $one) {
            foreach (array_slice($said, $i + 1) as $other) {
                if (in_array($one * $other, $is, true)) {
                    array_push($is, $one, $other);
                }
            }
        }

        return $is;
    }

    /** @return list<string> the figures of all sizes: "1", "1/2" of "1 1/2" */
    private function sides(): array
    {
        $sizes = array_map(fn (Component $one): string => (string) $one->good->extent()?->format($this->unit), $this->components);

        return array_values(array_unique(preg_split('/[\s×]+/u', implode(' ', $sizes), -1, PREG_SPLIT_NO_EMPTY) ?: []));
    }

    /** @return list<string> the stems of all words that are shown of what was understood */
    private function shown(): array
    {
        $texts = [];
        foreach ($this->components as $one) {
            $texts[] = $one->name;
            $texts[] = str_replace('-', ' ', $one->kind()->value);
            $texts[] = (string) $one->words()?->text;
            array_push($texts, ...array_map(
                static fn (Occasion $occasion): string => "$occasion->value {$occasion->label()}",
                $one->words()->occasions ?? [],
            ));
            $faces = $one->good instanceof SheetGood ? $one->good->faces() : [];
            foreach ($faces as $face) {
                $texts[] = $face->name;
            }
            if ($one->good instanceof Cardstock) {
                $texts[] = "{$one->good->finish->value} {$one->good->weight->value} {$one->good->weight->value}weight watercolor";
            }
        }

        return array_values(array_unique(array_merge([], ...array_map(self::stems(...), $texts))));
    }

    /** @return list<string> */
    private static function stems(string $text): array
    {
        $words = preg_split('/[^\p{L}\d½¼¾⅛⅜⅝⅞\'’]+/u', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(static fn (string $word): string => Token::of(TokenKind::Word, $word, '', 0, 0)->plain(), $words);
    }
}
