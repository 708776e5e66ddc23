<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Colour\ColourName;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\Jotting;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Kit\Weight;

/**
 * What else a line says of a thing: its name in quotation marks, colours, weight, finish, and what its words are for.
 */
final readonly class Adjectives
{
    /** The grams a square metre from which stock is heavy, or at least medium. */
    private const GRAMS = [250 => Weight::Heavy, 150 => Weight::Medium];

    /** The same in pounds of cover stock. */
    private const POUNDS = [100 => Weight::Heavy, 60 => Weight::Medium];

    private const SIDED = ['double-sided', 'double', 'single-sided', 'two-sided', '2-sided', 'sided', 'doublesided', 'reversible'];

    /** The most words in the name of an occasion. */
    private const MOST_WORDS = 4;

    private function __construct(private Said $said, private Kind $kind, private Jotting $jotting)
    {
    }

    /** @throws BadLine */
    public static function read(Said $said, Kind $kind, Jotting $jotting): void
    {
        $adjectives = new self($said, $kind, $jotting);
        foreach ($said->tokens as $i => $token) {
            if (! $said->isTaken($i)) {
                $adjectives->at($i, $token);
            }
        }
    }

    private function at(int $i, Token $token): void
    {
        $isKnown = match ($token->kind) {
            TokenKind::Name => $this->name($token),
            TokenKind::Colour => $this->colour($token),
            TokenKind::Weight => $this->weighs($i, $token),
            TokenKind::Word => $token->lower() === 'for' ? $this->fitFor($i) : $this->word($i, $token),
            default => false,
        };
        if ($isKnown) {
            $this->said->take($i);
        }
    }

    private function name(Token $token): bool
    {
        $this->jotting->typed = $this->jotting->typed === ''
            ? trim($token->text)
            : throw $token->wrong('There is a name already. Write one name a line.');
        $this->jotting->saysWords = $token->more !== '' && in_array($this->kind, [Kind::DieCut, Kind::Sticker], true)
            && ! NamedList::isPicture($token->text);

        return true;
    }

    private function colour(Token $token): bool
    {
        $this->jotting->colours[] = Colour::fromHex($token->text);

        return true;
    }

    private function weighs(int $i, Token $token): bool
    {
        $limits = str_starts_with(mb_strtolower($token->more), 'g') ? self::GRAMS : self::POUNDS;
        $this->jotting->weight = Weight::Light;
        foreach ($limits as $from => $weight) {
            if ((int) $token->text >= $from) {
                $this->jotting->weight = $weight;

                break;
            }
        }
        $this->said->takeWords($i + 1, ['cover', 'text', 'weight']);

        return true;
    }

    private function word(int $i, Token $token): bool
    {
        $word = $token->lower();
        $faces = array_map(static fn (string $face): ?bool => ['busy' => true, 'calm' => false][$face] ?? null, explode('|', $word));
        if (! in_array(null, $faces, true)) {
            array_push($this->jotting->busy, ...array_map(static fn (?bool $busy): bool => $busy === true, $faces));

            return true;
        }
        if (in_array($word, self::SIDED, true) && in_array($this->kind, [Kind::Paper, Kind::Panel, Kind::Cardstock], true)) {
            return true;
        }

        return match ($word) {
            'plenty', 'lots' => $this->jotting->plenty = true,
            'heavy', 'heavyweight' => $this->weight(Weight::Heavy),
            'medium' => ! $this->isOfColour($i) && $this->weight(Weight::Medium),
            'light', 'lightweight' => ! $this->isOfColour($i) && $this->weight(Weight::Light),
            'mirror', 'glitter', 'watercolour', 'watercolor', 'vellum', 'acetate' => $this->finish($word),
            'directional', 'up' => $this->jotting->directional = true,
            default => false,
        };
    }

    private function weight(Weight $weight): bool
    {
        $this->jotting->weight = $weight;

        return true;
    }

    /** "light blue" is a colour. */
    private function isOfColour(int $i): bool
    {
        $next = $this->said->tokens[$i + 1] ?? null;

        return $next !== null && $next->isWord() && ColourName::in($next->text) !== null;
    }

    private function finish(string $word): bool
    {
        if ($this->kind !== Kind::Cardstock) {
            return false;
        }
        $this->jotting->finish = Finish::from($word === 'watercolor' ? 'watercolour' : $word);

        return true;
    }

    /** "for thank-you hello", "for thank you": what words are for. With other kinds it is part of the name. */
    private function fitFor(int $i): bool
    {
        $hasWords = in_array($this->kind, [Kind::DieCut, Kind::Sticker, Kind::Stamp, Kind::LayeredPicture], true);
        $many = 0;
        while ($hasWords) {
            [$occasion, $words] = $this->occasion($i + 1 + $many);
            if ($occasion === null) {
                break;
            }
            $this->jotting->occasions[] = $occasion;
            $this->said->take(...range($i + 1 + $many, $i + $many + $words));
            $many += $words;
        }
        $next = $this->said->tokens[$i + 1] ?? null;
        if ($hasWords && $many === 0 && $next !== null && $next->isWord()) {
            throw $next->wrong("\"$next->text\" is not an occasion. They are ".implode(', ', Occasions::keys()).'.');
        }

        return $many > 0;
    }

    /** @return array{Occasion|null, int} the occasion that is named there, and by how many words */
    private function occasion(int $i): array
    {
        $one = $this->said->tokens[$i] ?? null;
        if ($one !== null && in_array($one->lower(), ['and', 'or', '&'], true) || $one?->kind === TokenKind::Break) {
            [$occasion, $words] = $this->occasion($i + 1);

            return [$occasion, $words + 1];
        }
        if ($one === null || ! $one->isWord()) {
            return [null, 0];
        }
        // The longest name first, since the name of an occasion may have three words.
        for ($many = self::MOST_WORDS; $many > 1; $many--) {
            $words = array_slice($this->said->tokens, $i, $many);
            $areWords = count($words) === $many && array_filter($words, static fn (Token $word): bool => ! $word->isWord()) === [];
            $said = implode('-', array_map(static fn (Token $word): string => $word->lower(), $words));
            $named = $areWords ? Occasions::named($said) : null;
            if ($named !== null) {
                return [$named, $many];
            }
        }

        return [Occasions::named($one->lower()) ?? Occasions::named($one->plain()), 1];
    }
}
