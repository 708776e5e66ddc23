<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Jotting;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Measure\Length;

/** What a line must say and does not. It is asked for at the word, and never guessed. */
final readonly class MustSay
{
    private const COUNTED = [
        Kind::Embellishment, Kind::Sticker, Kind::LayeredPicture, Kind::Foam, Kind::Base, Kind::Envelope, Kind::Panel, Kind::Cardstock,
    ];

    private function __construct(private Said $said, private KindFound $found, private Counts $counts, private Jotting $jotting)
    {
    }

    /** @throws BadLine saying what to write */
    public static function of(Said $said, KindFound $found, Counts $counts, Jotting $jotting): void
    {
        $line = new self($said, $found, $counts, $jotting);
        $line->pad();
        $line->lengths();
        $line->several();
        $line->uncounted();
        $line->sizeOfOne();
    }

    /** A pad has several designs, and their number is not guessed. */
    private function pad(): void
    {
        $isPad = preg_match('/\b(pad|stack|collection)\b/i', $this->found->said) === 1;
        $each = $this->jotting->each ?? 1;
        if ($isPad && $this->jotting->designs === 1 && $each > 1) {
            throw $this->kindWord()->wrong("How many designs are in it? Write, say: $each sheets, 12 designs");
        }
    }

    /** "3 yards each: red, green": it does not give the number of colours. */
    private function lengths(): void
    {
        $each = $this->each();
        $isSaid = $this->counts->isSaid() || $this->counts->designs() > 1 || $this->counts->rolls() > 1;
        if ($each !== null && ! $isSaid && $this->found->phrase->kind->isByLength()) {
            throw $each->wrong('Each of how many? Write, say: 2 colours. Or write each on a line of its own.');
        }
    }

    /** "1 each coral, mint and navy": one each of three, and not one thing with that name. */
    private function several(): void
    {
        if ($this->counts->designs() > 1 || $this->each() === null) {
            return;
        }
        $left = $this->said->left();
        $isName = static fn (?Token $token): bool => $token?->isWord() === true && ! in_array($token->lower(), LineParser::IDLE, true);
        foreach ($left as $place => $token) {
            $isBetween = trim($token->text) === ',' || in_array($token->lower(), ['and', '&'], true);
            if ($isBetween && $isName($left[$place - 1] ?? null) && $isName($left[$place + 1] ?? null)) {
                throw $left[$place + 1]->wrong('Are these several? Write each on a line, or, say: cardstock 8.5x11 1 each: coral, mint');
            }
        }
    }

    /** "stickers, 6 x 12 sheet, 74 pieces": the size is not that of one sticker. */
    private function sizeOfOne(): void
    {
        if (! in_array($this->found->phrase->kind, [Kind::Sticker, Kind::DieCut, Kind::Panel], true)) {
            return;
        }
        $holds = array_filter($this->said->tokens, static fn (Token $token): bool => $token->lower() === 'with') !== [];
        foreach ($this->said->tokens as $n => $token) {
            $isBefore = $this->isSheet($n + 1);
            if ($token->kind !== TokenKind::Size || (! $isBefore && ! ($holds && $this->isSheet($n - 1)))) {
                continue;
            }
            if ($this->jotting->size?->longer()->isLongerThan(Length::inches(1)) === false) {
                throw $token->wrong('No sheet is as small as that. Write the unit with it, such as 6x6in or 15x15cm.');
            }
            if (($this->jotting->each ?? 1) > 1) {
                throw $token->wrong('That is the size of the sheet. Write the size of one of them, or leave it out.');
            }
        }
    }

    private function isSheet(int $n): bool
    {
        $token = $this->said->tokens[$n] ?? null;

        return $token?->isWord() === true && $token->lower() === 'sheet';
    }

    /** "gems": nobody means a single one. */
    private function uncounted(): void
    {
        $kind = $this->found->phrase->kind;
        $isSaid = $this->counts->isSaid() || $this->jotting->plenty || str_starts_with(mb_strtolower($this->found->said), 'sheet of ');
        $isOneEach = $this->jotting->designs > 1 && in_array($kind, [Kind::Panel, Kind::Cardstock], true);
        if ($isSaid || $isOneEach || ! in_array($kind, self::COUNTED, true) || ! $this->isPlural()) {
            return;
        }

        throw $this->kindWord()->wrong('How many are there? Write a number, or "plenty" where nobody counts them.');
    }

    /** "Wooden letters": the plural may be another word than the one for the kind. */
    private function isPlural(): bool
    {
        if ($this->found->isPlural || $this->found->phrase->tier !== KindPhrase::MAYBE) {
            return $this->found->isPlural;
        }
        foreach ($this->said->left() as $token) {
            if ($token->isWord() && $token->plain() !== $token->lower()) {
                return true;
            }
        }

        return false;
    }

    private function each(): ?Token
    {
        foreach ($this->said->tokens as $token) {
            if (in_array($token->lower(), ['each', 'ea', 'ea.'], true)) {
                return $token;
            }
        }

        return null;
    }

    private function kindWord(): Token
    {
        return $this->said->tokens[$this->found->from];
    }
}
