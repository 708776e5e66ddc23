<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\Jotting;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KindGroup;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Slug;
use KeepShare\Core\Kit\Weight;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * Reads a component from a line as a maker would jot it down:
 *
 *     12 papers 6x6 x2 "wave / plank" busy|calm
 *     cardstock 8.5x11 kelp x3
 *     gems plenty
 *     ribbon 36in
 *
 * First how many designs, if more than one, then the kind; the rest in any order. Words it does not know are the name.
 * What could be a measure or a count and is not understood is refused at the word: nothing is guessed.
 */
final class LineParser
{
    private const NUMBER_WORDS = [
        'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'twenty',
    ];

    /** What measures nothing here, and would be lost in the name. */
    private const UNIT_WORDS = [
        'ft',
        'foot',
        'feet',
        'yd',
        'yds',
        'yard',
        'yards',
        'm',
        'metre',
        'metres',
        'meter',
        'meters',
        'inch',
        'inches',
        'wide',
        'by',
    ];

    /** Sizes by name: written out they are understood. */
    private const SIZE_WORDS = '/^(?:a\d|letter|legal|half-letter|quarter-letter)$/';

    private const MOST_DESIGNS = 60;

    private const MOST_SHEETS = 500;

    private const MOST_PIECES = 100_000;

    private function __construct(private readonly Unit $unit, private readonly Size $front)
    {
    }

    /**
     * @param  Unit  $unit  of measures that name none
     * @param  Size  $front  of the kit's cards: bases and envelopes without a size are for it
     * @param  list<string>  $taken  ids that are used already
     * @return non-empty-list<Component>
     *
     * @throws BadLine saying which word is wrong
     */
    public static function parse(string $line, Unit $unit, Size $front, array $taken = []): array
    {
        if (mb_strlen($line) > 300) {
            throw BadLine::at(300, 1, 'The line is longer than 300 characters. Write one component a line.');
        }

        return (new self($unit, $front))->components(Tokens::of($line), $taken);
    }

    /**
     * @param  list<Token>  $tokens
     * @param  list<string>  $taken
     * @return non-empty-list<Component>
     */
    private function components(array $tokens, array $taken): array
    {
        $designs = 1;
        $first = array_shift($tokens) ?? throw BadLine::at(0, 1, 'The line is empty. Write, say: cardstock 8.5x11 kelp x3');
        if ($first->kind === TokenKind::Number) {
            $designs = self::number($first, self::MOST_DESIGNS, 'designs');
            $first = array_shift($tokens) ?? throw $first->wrong('How many of what? Write the kind next: papers, cardstock, envelopes …');
        }
        if ($first->lower() === 'die' && in_array(($tokens[0] ?? null)?->lower(), ['cut', 'cuts'], true)) {
            array_shift($tokens);
            $first = Token::of(TokenKind::Word, 'die-cut', '', $first->at, $first->length);
        }
        $kind = ($first->kind === TokenKind::Word ? Kind::named($first->text) : null)
            ?? throw $first->wrong(
                "\"$first->text\" is not a kind. Begin with one such as paper, cardstock, base, envelope, die-cut, sentiment, "
                    .'sticker, gems, ribbon, foam, stamp or die.',
            );
        $jotting = Jotting::in($this->unit, $this->front, $first->wrong(...));
        $jotting->word = Kind::singular($first->text);
        $jotting->designs = $designs;
        $this->read($tokens, $kind, $jotting);
        if (! $kind->isSheets() && $jotting->each === null && $designs > 1) {
            // "10 bases": ten of one, not ten designs.
            [$jotting->each, $jotting->designs] = [$designs, 1];
        }

        return $this->draw($kind, $jotting, $taken);
    }

    /** @param  list<Token>  $tokens */
    private function read(array $tokens, Kind $kind, Jotting $jotting): void
    {
        $name = [];
        $isFor = false;
        foreach ($tokens as $token) {
            if ($isFor && $this->occasion($token, $jotting)) {
                continue;
            }
            $isFor = $token->kind === TokenKind::Word && $token->lower() === 'for';
            if ($isFor || $this->measure($token, $kind, $jotting)) {
                continue;
            }
            self::refuseMeasureWords($token);
            if (! self::adjective($token, $jotting)) {
                $name[] = $token->text;
            }
        }
        $jotting->name = $jotting->typed === '' ? implode(' ', $name) : $jotting->typed;
    }

    /** A word that measures or counts in a way that is not understood must not end in the name. */
    private static function refuseMeasureWords(Token $token): void
    {
        if (preg_match('/^[x×]?\d/u', $token->text) === 1) {
            throw $token->wrong('"'.$token->text.'" is neither a number, nor a size such as 6x6, nor a count such as x2.');
        }
        if (in_array($token->lower(), self::NUMBER_WORDS, true)) {
            throw $token->wrong('Write the number in figures.');
        }
        if (in_array($token->lower(), self::UNIT_WORDS, true)) {
            throw $token->wrong(
                "\"$token->text\" is not understood here. Write measures in in, mm or cm, such as 36in, and sizes such as 6x6. "
                    .'Where it belongs to the name, put the name in quotation marks.',
            );
        }
        if (preg_match(self::SIZE_WORDS, $token->lower()) === 1) {
            throw $token->wrong(
                'Write the size in figures, such as 8.5x11 or 210x297mm. Where "'
                    .$token->text
                    .'" belongs to the name, put the name in quotation marks.',
            );
        }
    }

    private function measure(Token $token, Kind $kind, Jotting $jotting): bool
    {
        try {
            match ($token->kind) {
                TokenKind::Size => $jotting->size = $this->size($token, $kind, $jotting),
                TokenKind::Length => $jotting->length = $this->length($token, $kind, $jotting),
                TokenKind::Times, TokenKind::Number => $jotting->each = self::each($token, $jotting),
                TokenKind::Colour => $jotting->colours[] = Colour::fromHex($token->text),
                TokenKind::Name => $jotting->typed = self::once(trim($token->text), $jotting->typed === '', $token, 'name'),
                TokenKind::Word => null,
            };
        } catch (BadMeasure $wrong) {
            throw $token->wrong($wrong->getMessage());
        }

        return $token->kind !== TokenKind::Word;
    }

    private function size(Token $token, Kind $kind, Jotting $jotting): Size
    {
        if (in_array($kind->good()::group(), [KindGroup::Trimmings], true)) {
            throw $token->wrong("A $jotting->word has no size of two sides here. Take it out, or put it in the name in quotation marks.");
        }
        // A unit behind one side is meant for both: 15x15cm.
        $units = array_filter([self::unitOf($token->more), self::unitOf($token->text)]);
        $unit = $units[array_key_first($units) ?? 0] ?? '';
        $both = array_map(static fn (string $side): string => self::unitOf($side) === '' ? $side.$unit : $side, [
            $token->text,
            $token->more,
        ]);
        $size = Size::parse($both[0], $both[1], $this->unit);
        if ($size->longer()->isLongerThan(Length::inches(24))) {
            throw $token->wrong($token->text.' × '.$token->more.' is larger than 24 in.');
        }

        if (! $kind->isSheets() || ! Length::inches(1)->isLongerThan($size->longer())) {
            return self::once($size, $jotting->size === null, $token, 'size');
        }

        throw $token->wrong("No sheet is as small as {$size->label($this->unit)}. Write the unit with it, such as 6x6in or 15x15cm.");
    }

    private static function unitOf(string $measure): string
    {
        return preg_match('/[^\d\s.,\/½¼¾⅛⅜⅝⅞-]+$/u', $measure, $found) === 1 ? $found[0] : '';
    }

    private function length(Token $token, Kind $kind, Jotting $jotting): Length
    {
        if (! $kind->isByLength() && $kind->good() !== Foam::class) {
            throw $token->wrong(
                'One measure says nothing about this kind. Write both sides, such as 6x6, or put it in the name in quotation marks.',
            );
        }

        return self::once(Length::parse($token->text, $this->unit), $jotting->length === null, $token, 'length');
    }

    private static function each(Token $token, Jotting $jotting): int
    {
        return self::once(self::number($token, self::MOST_PIECES, 'of one thing'), $jotting->each === null, $token, 'count');
    }

    /**
     * @template T
     *
     * @param  T  $value
     * @return T
     */
    private static function once(mixed $value, bool $isFirst, Token $token, string $what): mixed
    {
        return $isFirst ? $value : throw $token->wrong("There is a $what already. Write one $what a line.");
    }

    private static function adjective(Token $token, Jotting $jotting): bool
    {
        $word = $token->lower();
        $faces = array_map(static fn (string $face): ?bool => ['busy' => true, 'calm' => false][$face] ?? null, explode('|', $word));
        if (! in_array(null, $faces, true)) {
            array_push($jotting->busy, ...array_map(static fn (?bool $busy): bool => $busy === true, $faces));

            return true;
        }
        $isKnown = true;
        match ($word) {
            'plenty' => $jotting->plenty = true,
            'heavy' => [$jotting->heavy, $jotting->weight] = [true, Weight::Heavy],
            'light', 'medium' => $jotting->weight = Weight::from($word),
            'mirror', 'glitter', 'watercolour' => $jotting->finish = Finish::from($word),
            'directional', 'up' => $jotting->directional = true,
            default => $isKnown = false,
        };

        return $isKnown;
    }

    private function occasion(Token $token, Jotting $jotting): bool
    {
        $occasion = Occasion::tryFrom(rtrim($token->lower(), ','));
        if ($occasion !== null) {
            $jotting->occasions[] = $occasion;

            return true;
        }
        if ($jotting->occasions === []) {
            throw $token->wrong(
                '"'
                    .$token->text
                    .'" is not an occasion. They are '
                    .implode(', ', array_column(Occasion::cases(), 'value'))
                    .'.',
            );
        }

        return false;
    }

    private static function number(Token $token, int $most, string $what): int
    {
        $number = (int) $token->text;
        if ($number < 1) {
            throw $token->wrong($token->text.' is less than one.');
        }

        return strlen($token->text) > 9 || $number > $most
            ? throw $token->wrong($token->text." is more than Keep Share holds $what ($most).")
            : $number;
    }

    /**
     * @param  list<string>  $taken
     * @return non-empty-list<Component>
     */
    private function draw(Kind $kind, Jotting $jotting, array $taken): array
    {
        $components = [];
        $said = $jotting->name === ''
            ? ucfirst(str_replace('-', ' ', $jotting->word)).($kind === Kind::Embellishment ? 's' : '')
            : mb_strtoupper(mb_substr($jotting->name, 0, 1)).mb_substr($jotting->name, 1);
        $n = 0;
        do {
            $n++;
            $jotting->name = $said.($jotting->designs > 1 ? " $n" : '');
            $id = Slug::unique($jotting->name, [...$taken, ...array_map(static fn (Component $c): string => $c->id, $components)]);
            $components[] = Component::of($id, $jotting->name, $kind->good()::jotted($jotting), self::count($kind, $jotting));
        } while ($n < $jotting->designs);

        return $components;
    }

    private static function count(Kind $kind, Jotting $jotting): int
    {
        if ($kind->isByLength()) {
            return (
                $jotting->length ?? throw $jotting->refuse("How long is it? Write, say: $jotting->word 36in")
            )->times($jotting->each ?? 1)->units;
        }
        if ($kind->isSheets() && ($jotting->each ?? 1) > self::MOST_SHEETS) {
            throw $jotting->refuse('There are more than '.self::MOST_SHEETS.' sheets of it.');
        }

        return $jotting->each ?? $kind->good()::usualCount() ?? throw $jotting->refuse('How many of each? End the line with, say: x2');
    }
}
