<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Jotting;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KindGroup;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** Sizes and lengths of a line. They belong to the thing, or, if its kind has none, stay with its name. */
final class SaidMeasures
{
    private const WIDE = ['wide', 'width', 'w'];

    private const LONG = ['long', 'length', 'l', 'each'];

    private const THICK = ['thick', 'thickness', 'high', 'deep'];

    private const ROUND = ['circle', 'round', 'diameter', 'dia', 'across', 'doily', 'doilie'];

    private const UNITS = ['yard', 'yd', 'foot', 'feet', 'ft', 'inch', 'metre', 'meter'];

    /** A shorter measure is the width of a ribbon, not its length. */
    private const SHORTEST = 4;

    /** Where its length was said, and how. */
    private ?Token $long = null;

    private function __construct(
        private readonly Said $said,
        private readonly Kind $kind,
        private readonly Jotting $jotting,
        private readonly Unit $unit,
    ) {
    }

    /** @throws BadLine at a measure that cannot be meant */
    public static function read(Said $said, Kind $kind, Jotting $jotting, Unit $unit): void
    {
        $measures = new self($said, $kind, $jotting, $unit);
        foreach ($said->tokens as $i => $token) {
            if ($said->isTaken($i)) {
                continue;
            }
            try {
                $measures->at($i, $token);
            } catch (BadMeasure $wrong) {
                throw $token->wrong($wrong->getMessage());
            }
        }
        $length = $jotting->length;
        if ($kind->isByLength() && $length !== null && ! $length->isLongerThan(Length::inches(self::SHORTEST))) {
            throw ($measures->long ?? $said->tokens[0])->wrong('Is that how wide it is? Write how long it is too, such as 36in.');
        }
    }

    private function at(int $i, Token $token): void
    {
        match ($token->kind) {
            TokenKind::Size => $this->size($i, $token, $token->text, $token->more),
            TokenKind::Square => $this->size($i, $token, $token->text, $token->text),
            TokenKind::Length => $this->length($i, $token),
            TokenKind::Amount => $this->amount($i, $token),
            TokenKind::Word => $this->named($i, $token),
            default => null,
        };
    }

    /** Things sold by weight are not counted. */
    private function amount(int $i, Token $token): void
    {
        $this->said->take($i);
        $this->jotting->plenty = true;
        $this->beside($token);
    }

    private function size(int $i, Token $token, string $first, string $second): void
    {
        $this->said->take($i);
        $this->said->takeWords($i + 1, ['size', 'square']);
        if ($this->kind->isByLength()) {
            $this->widthAndLength($token, $first, $second);

            return;
        }
        if ($this->kind->good()::group() === KindGroup::Trimmings) {
            $this->beside($token);

            return;
        }
        $this->is($token, Size::parse(...[...self::inOneUnit($first, $second), $this->unit]));
    }

    private function is(Token $token, Size $size): void
    {
        if ($size->longer()->isLongerThan(Length::inches(24))) {
            throw $token->wrong("{$size->label($this->unit)} is larger than 24 in.");
        }
        if ($this->kind->isSheets() && ! $size->longer()->isLongerThan(Length::inches(1))) {
            throw $token->wrong("No sheet is as small as {$size->label($this->unit)}. Write the unit with it, such as 6x6in or 15x15cm.");
        }
        if ($this->jotting->size !== null && ! $this->jotting->size->matches($size)) {
            throw $token->wrong('There is a size already. Write one size a line.');
        }
        $this->jotting->size = $size;
    }

    /** A unit after one side is meant for both: 15x15cm. */
    private static function unitOf(string $measure): string
    {
        return preg_match('/[^\d\s.,\/½¼¾⅛⅜⅝⅞-]+\.?$/u', trim($measure), $found) === 1 ? $found[0] : '';
    }

    /** @return array{string, string} */
    private static function inOneUnit(string $first, string $second): array
    {
        $unit = self::unitOf($second) ?: self::unitOf($first);

        return [self::unitOf($first) === '' ? $first.$unit : $first, self::unitOf($second) === '' ? $second.$unit : $second];
    }

    /** "15mm x 10m": width and length, if it is clear which is which. */
    private function widthAndLength(Token $token, string $first, string $second): void
    {
        if (self::unitOf($first) === '' && self::unitOf($second) === '') {
            throw $token->wrong('Write the units with it, such as 15mm x 10m: which is its width?');
        }
        [$first, $second] = self::inOneUnit($first, $second);
        $lengths = [$first => Length::parse($first, $this->unit), $second => Length::parse($second, $this->unit)];
        uasort($lengths, static fn (Length $a, Length $b): int => $a->units <=> $b->units);
        [$wide, $long] = [reset($lengths), end($lengths)];
        if ($long->units < 8 * $wide->units) {
            throw $token->wrong('Which is its width? Write, say: 1/4in wide, 72in long.');
        }
        $this->jotting->length = $this->once($token, $long);
        $this->note(trim((string) array_key_first($lengths)).' wide');
    }

    private function length(int $i, Token $token): void
    {
        $length = Length::parse($token->text, $this->unit);
        $this->said->take($i);
        if ($this->said->isWord($i + 1, self::WIDE) || $this->isBefore($i, self::WIDE)) {
            $this->said->takeWords($i + 1, self::WIDE);
            $this->kind->isByLength() ? $this->note(trim($token->text).' wide') : $this->beside($token, ' wide');

            return;
        }
        $isThick = $this->said->isWord($i + 1, self::THICK);
        $this->said->takeWords($i + 1, [...self::THICK, ...self::LONG]);
        if ($this->kind->isByLength()) {
            $this->jotting->length = $this->once($token, $length);

            return;
        }
        $this->across($i, $token, $length, $isThick);
    }

    /**
     * One measure of something that has no length: the thickness of foam, the size of something round, or a part of the
     * name.
     */
    private function across(int $i, Token $token, Length $length, bool $isThick): void
    {
        if ($this->kind === Kind::Foam) {
            $isThin = ! $length->isLongerThan(Length::millimetres(5));
            if ($isThick || $isThin) {
                $this->jotting->length = $this->once($token, $length);
            }

            return;
        }
        $group = $this->kind->good()::group();
        if ($group === KindGroup::Trimmings || ($group === KindGroup::Tools && ! $this->isRound())) {
            $this->beside($token);

            return;
        }
        if ($this->isRound()) {
            $this->said->takeWords($i + 1, ['diameter', 'dia', 'across']);
            $this->is($token, Size::of($length, $length));

            return;
        }
        // 12 in sheets are square.
        if ($this->kind->isSheets() && in_array($length->units, self::squares(), true)) {
            $this->is($token, Size::of($length, $length));

            return;
        }
        if (in_array($this->kind, [Kind::DieCut, Kind::Sticker, Kind::LayeredPicture], true)) {
            $this->is($token, Size::of($length, $length));
            $this->jotting->guesses[] = Guesses::SQUARE;

            return;
        }
        throw $token->wrong(
            'One measure says nothing about this kind. Write both sides, such as 6x6, or put it in the name in quotation marks.',
        );
    }

    /** @return list<int> sides of the square sheets there are, in units */
    private static function squares(): array
    {
        return array_map(static fn (int $inches): int => Length::inches($inches)->units, [6, 8, 12]);
    }

    private function hasSize(): bool
    {
        return array_filter($this->said->tokens, static fn (Token $one): bool => $one->kind === TokenKind::Size) !== [];
    }

    /** @param  list<string>  $words  one of which stands before it, and belongs to no measure before that */
    private function isBefore(int $i, array $words): bool
    {
        return $this->said->isWord($i - 1, $words) && ! $this->said->isTaken($i - 1);
    }

    private function isRound(): bool
    {
        foreach ($this->said->tokens as $token) {
            if ($token->isWord() && in_array($token->plain(), self::ROUND, true)) {
                return true;
            }
        }

        return false;
    }

    /** A4, letter, half letter: if the kind has sheets or fronts. */
    private function named(int $i, Token $token): void
    {
        $many = $this->said->number($i);
        if ($this->kind->isByLength() && $many !== null && $this->said->isWord($i + 1, self::UNITS)) {
            $unit = $this->said->tokens[$i + 1]->plain();
            $this->said->take($i, $i + 1);
            $this->jotting->length = $this->once($token, Length::parse("$many $unit", $this->unit));

            return;
        }
        $next = $this->said->tokens[$i + 1] ?? null;
        $part = $next !== null && $next->isWord() ? NamedSize::part($token->lower(), $next->plain()) : null;
        $isSize = preg_match('/^[abc]\d{1,2}$/i', $token->text) === 1;
        $canHave = $this->kind->isSheets() || in_array($this->kind, [Kind::Base, Kind::Envelope], true)
            || ($isSize && in_array($this->kind, [Kind::Stamp, Kind::Tool], true));
        if (! $canHave) {
            return;
        }
        if ($part !== null) {
            $this->said->take($i, $i + 1);
            $this->is($token, $part);

            return;
        }
        $size = NamedSize::of($token->text, $this->kind);
        if ($size !== null) {
            $this->said->take($i);
            $this->said->takeWords($i + 1, ['size', 'sized']);
            $this->is($token, $size);

            return;
        }
        if ($isSize) {
            throw $token->wrong("\"$token->text\" is no size that is known for this. Write it in figures, such as 8.5x11 or 210x297mm.");
        }
        if ($this->kind === Kind::Base && $token->plain() === 'square' && $this->hasSize()) {
            $this->said->take($i);
        } elseif ($this->kind === Kind::Base && $token->plain() === 'square') {
            throw $token->wrong('How large is the square? Write, say: 6x6.');
        }
    }

    /** The kind has no such measure. It stays with the name, so that it is not lost. */
    private function beside(Token $token, string $more = ''): void
    {
        $this->note(trim($token->text.($token->more === '' ? '' : " × $token->more")).$more);
    }

    private function note(string $says): void
    {
        $this->jotting->beside = trim("{$this->jotting->beside} $says");
    }

    private function once(Token $token, Length $length): Length
    {
        $other = $this->jotting->length;
        if ($other === null || $this->long === null) {
            $this->long = $token;

            return $length;
        }
        // Two lengths of a ribbon: the short one is its width.
        [$wide, $short, $long] = $other->isLongerThan($length) ? [$token, $length, $other] : [$this->long, $other, $length];
        if ($this->kind->isByLength() && $long->units >= 8 * $short->units && ! $short->isLongerThan(Length::inches(self::SHORTEST))) {
            $this->note(trim($wide->text).' wide');
            $this->long = $wide === $token ? $this->long : $token;

            return $long;
        }

        throw $token->wrong('There is a length already. Write one length a line.');
    }
}
