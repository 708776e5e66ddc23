<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Jotting;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KindGroup;
use KeepShare\Core\Kit\Slug;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * Reads a component from a line, as a maker writes it or as a packing list has it:
 *
 *     12 papers 6x6 x2 "wave / plank" busy|calm
 *     cardstock 8.5x11 kelp x3
 *     two sheets each of six designs, 12" x 12" patterned paper
 *     1/4in wide satin ribbon, 2 yards
 *
 * It finds the kind (FindKind), the measures (SaidMeasures), the counts (Counts) and other properties (Adjectives). The
 * words that are left are the name. A word that could be a measure or a count and is not understood is refused. What
 * the line does not say is assumed, kept with the component as a guess, and shown.
 */
final class LineParser
{
    private const LONGEST = 300;

    private const MOST_SHEETS = 500;

    /** The assumed length of a roll in inches: three yards. */
    private const USUAL_ROLL = 108;

    /** Things that are more than their kind, and keep their word in the name. */
    private const TELLING = [
        'doily', 'doilie', 'paper doily', 'alphabet', 'alpha', 'alphabet sticker', 'letter sticker', 'number sticker',
        'topper', 'card topper', 'journaling card', 'journal card', 'cut-apart',
        'ticket', 'pocket', 'rub-on', 'chipboard', 'overlay', 'postcard', 'library pocket', 'photo corner', 'layered topper',
    ];

    /** Words that name nothing by themselves: "paper labels, assorted". */
    private const VAGUE = ['assorted', 'mixed', 'various', 'small', 'large', 'big', 'mini', 'tiny', 'printed'];

    /** Words that say nothing if they are left over. */
    public const IDLE = [
        'of', 'the', 'a', 'an', 'with', 'and', '&', '+', 'in', 'sheet', 'piece', 'pc', 'pcs', 'approx', 'approx.', 'ca', 'ca.',
        'about', 'size', 'sized', 'measuring', 'by', 'x', '×', '-', '–', '—', 'qty', 'quantity', 'total', 'includes', 'including',
        'incl', 'plus', 'all', 'design', 'different', 'each', 'wide', 'long', 'pad', 'stack', 'roll', 'spool',
    ];

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
        if (mb_strlen($line) > self::LONGEST) {
            throw BadLine::at(self::LONGEST, 1, 'The line is longer than '.self::LONGEST.' characters. Write one component a line.');
        }

        $plain = PlainLine::of($line);
        $parser = new self($unit, $front);
        try {
            return $parser->read($plain, $taken);
        } catch (BadLine $wrong) {
            return $parser->unnamed(Unnamed::in($plain), $taken) ?? throw PlainLine::found($wrong, $line, $plain);
        }
    }

    /**
     * @param  list<string>  $taken
     * @return non-empty-list<Component>
     *
     * @throws BadLine
     */
    private function read(string $line, array $taken): array
    {
        $list = NamedList::in($line);
        $listed = ($list?->isParted === true ? $this->ofList($list, $taken) : null)
            ?? $this->joined($line, $taken)
            ?? $this->ofList($list, $taken)
            ?? $this->eachOf(SizedList::lines($line), $taken)
            ?? $this->eachOf(OnSheets::lines($line), $taken);
        if ($listed !== null) {
            return $listed;
        }
        $companion = Companion::in($line);
        if ($companion !== null) {
            return $this->both($companion, $taken);
        }
        $unlabelled = self::unlabelled($line);
        if ($unlabelled !== null) {
            return $this->read($unlabelled, $taken);
        }
        self::refuseSeveral($line);
        $parts = CommaList::named($line) ?? CommaList::in($line);

        return ($parts === null ? null : $this->each($parts, $taken)) ?? $this->components(Tokens::of($line), $taken);
    }

    /**
     * The things of a line below a heading that says what they are. Null if they are not only names.
     *
     * @param  string  $plain  as PlainLine has it
     * @param  list<string>  $taken
     * @return non-empty-list<Component>|null
     */
    public static function eachBelow(string $heading, string $plain, Unit $unit, Size $front, array $taken): ?array
    {
        return (new self($unit, $front))->ofList(NamedList::below($heading, $plain), $taken);
    }

    /**
     * It is not one sheet with all those names.
     *
     * @throws BadLine where sheets are listed behind a colon, and could not be read one by one
     */
    private static function refuseSeveral(string $line): void
    {
        $isList = preg_match('/^([^:"“]{2,90}):\s+([^\d"“,]+(?:,[^\d"“,]+){2,})$/u', $line, $found) === 1;
        if ($isList && FindKind::named($found[1])?->phrase->kind->isSheets() === true) {
            $says = 'Are these several? Write how many there are of each, such as: 2 each';

            throw BadLine::at(mb_strlen($found[1]) + 2, mb_strlen($found[2]), $says);
        }
    }

    /**
     * "Shaker: 3 acetate circles, 3 foam rings": the word before the colon is not a kind. It says what they are for.
     */
    private static function unlabelled(string $line): ?string
    {
        if (preg_match('/^(?<label>\p{L}[\p{L}\s]{1,30}):\s+(?<rest>.+)$/u', $line, $found) !== 1) {
            return null;
        }
        $isLabel = FindKind::isNone(Tokens::of($found['label']));

        return $isLabel && ! FindKind::isNone(Tokens::of($found['rest'])) ? $found['rest'] : null;
    }

    /**
     * @param  list<string>  $taken
     * @return non-empty-list<Component>|null
     */
    private function unnamed(?Unnamed $unnamed, array $taken): ?array
    {
        try {
            return $unnamed === null ? null : self::withGuesses($this->read($unnamed->line, $taken), [$unnamed->guess]);
        } catch (BadLine) {
            return null;
        }
    }

    /**
     * "10 brads silver; 2 yards ribbon": each part that names a kind is a line of its own.
     *
     * @param  list<string>  $taken
     * @return non-empty-list<Component>|null
     *
     * @throws BadLine
     */
    private function joined(string $line, array $taken): ?array
    {
        $parts = preg_split('/;\s+/u', rtrim($line, '; '), -1, PREG_SPLIT_OFFSET_CAPTURE) ?: [];
        $kinds = array_filter($parts, static fn (array $part): bool => trim($part[0]) !== '' && FindKind::named($part[0]) !== null);
        if (count($parts) < 2 || count($kinds) < count($parts)) {
            return null;
        }
        $components = [];
        foreach ($parts as [$part, $at]) {
            try {
                array_push($components, ...$this->read($part, [...$taken, ...self::ids($components)]));
            } catch (BadLine $wrong) {
                throw BadLine::at(mb_strlen(substr($line, 0, $at)) + $wrong->at, $wrong->length, $wrong->getMessage());
            }
        }

        return $components;
    }

    /**
     * @param  list<string>  $taken
     * @return non-empty-list<Component>|null
     *
     * @throws BadLine
     */
    private function ofList(?NamedList $list, array $taken): ?array
    {
        $components = $this->eachOf($list?->lines(), $taken);

        return $components === null || $list === null ? null : self::withGuesses($components, $list->guesses());
    }

    /**
     * @param  non-empty-list<Component>  $components
     * @param  list<string>  $guesses
     * @return non-empty-list<Component>
     */
    private static function withGuesses(array $components, array $guesses): array
    {
        return array_map(static fn (Component $one): Component => $one->guessed(...$one->guesses, ...$guesses), $components);
    }

    /**
     * Each thing of a list. Null if there is no list, or it cannot be read as one.
     *
     * @param  list<string>|null  $lines
     * @param  list<string>  $taken
     * @return non-empty-list<Component>|null
     */
    private function eachOf(?array $lines, array $taken): ?array
    {
        $components = [];
        foreach ($lines ?? [] as $line) {
            try {
                array_push($components, ...$this->components(Tokens::of($line), [...$taken, ...self::ids($components)]));
            } catch (BadLine) {
                return null;
            }
        }

        return $components === [] ? null : $components;
    }

    /**
     * @param  list<Component>  $components
     * @return list<string>
     */
    private static function ids(array $components): array
    {
        return array_map(static fn (Component $one): string => $one->id, $components);
    }

    /**
     * @param  list<string>  $taken
     * @return non-empty-list<Component>
     */
    private function both(Companion $companion, array $taken): array
    {
        $things = $this->components(Tokens::of($companion->thing), $taken);
        $parser = new self($this->unit, $things[0]->good->extent() ?? $this->front);

        return [...$things, ...$parser->components(Tokens::of($companion->lineFor($things[0])), [...$taken, ...self::ids($things)])];
    }

    /**
     * Several things in one line that can each be read alone. Null if they are one thing, described at length.
     *
     * @param  list<string>  $taken
     * @return non-empty-list<Component>|null
     *
     * @throws BadLine where they are two things that cannot
     */
    private function each(CommaList $list, array $taken): ?array
    {
        $components = [];
        try {
            foreach ($list->parts as [$text]) {
                array_push($components, ...$this->components(Tokens::of($text), [...$taken, ...self::ids($components)]));
            }

            return $components === [] ? null : $components;
        } catch (BadLine) {
            $other = $list->other();
        }

        return $other === null ? null : throw BadLine::at(
            $list->placeOf($other),
            mb_strlen($other->said),
            "There are two kinds in the line, and \"$other->said\" is the second. Write each on a line, with its number.",
        );
    }

    /**
     * @param  list<Token>  $tokens
     * @param  list<string>  $taken
     * @return non-empty-list<Component>
     */
    private function components(array $tokens, array $taken): array
    {
        if (array_filter($tokens, static fn (Token $token): bool => $token->kind !== TokenKind::Break) === []) {
            throw BadLine::at(0, 1, 'The line is empty. Write, say: cardstock 8.5x11 kelp x3');
        }
        if (count($tokens) === 1 && Said::worth($tokens[0]) !== null) {
            throw $tokens[0]->wrong('How many of what? Write the kind next: papers, cardstock, envelopes …');
        }
        $found = FindKind::in($tokens);
        $said = Said::of($tokens);
        $said->take(...range($found->from, $found->end() - 1));
        $kind = $found->phrase->kind;
        $jotting = Jotting::in($this->unit, $this->front, $tokens[$found->from]->wrong(...));
        $jotting->word = $found->phrase->word === '' ? self::wordOf($found) : $found->phrase->word;
        $jotting->finish = $found->phrase->finish;
        Adjectives::read($said, $kind, $jotting);
        SaidMeasures::read($said, $kind, $jotting, $this->unit);
        $counts = Counts::in($said, $found);
        [$jotting->designs, $jotting->each] = [$counts->designs(), $counts->each()];
        if ($found->phrase->isPlenty || ($counts->isPacked && $kind === Kind::Embellishment)) {
            $jotting->plenty = $jotting->plenty || ! $counts->isSaid();
        }
        MustSay::of($said, $found, $counts, $jotting);
        $this->name($said, $found, $jotting);

        $sheets = array_filter($tokens, static fn (Token $token): bool => $token->isWord() && $token->plain() === 'sheet');

        return $this->draw($found, $jotting, $counts, $sheets !== [] && ! $counts->isCarried, $taken);
    }

    /** The word that tells what the thing is: the last word of its kind. */
    private static function wordOf(KindFound $found): string
    {
        $words = explode(' ', mb_strtolower($found->said));

        return Kind::singular($words[count($words) - 1]);
    }

    /** @throws BadLine where a word is left that measures or counts */
    private function name(Said $said, KindFound $found, Jotting $jotting): void
    {
        $before = $after = [];
        foreach ($said->left() as $place => $token) {
            if ($token->kind === TokenKind::Break) {
                continue;
            }
            if (! $token->isWord() || preg_match('/\d(?!\d?-\p{L}|-?D$)/ui', $token->text) === 1) {
                throw $token->wrong('"'.$token->text.'" is neither a number, nor a size such as 6x6, nor a count such as x2.');
            }
            $isIdle = in_array($token->plain(), self::IDLE, true) || in_array($token->lower(), self::IDLE, true);
            // "clear stamp set, 14 stamps": a repeated kind is not a name.
            $isLater = $place > $found->from && mb_strlen($token->plain()) > 3;
            $isAgain = $isLater && str_contains(mb_strtolower($found->said), $token->plain());
            if ($isAgain || ($isIdle && ! self::isBetween($said, $place) && ! self::isWithin($said, $place))) {
                continue;
            }
            $place < $found->from ? $before[] = $token->text : $after[] = $token->text;
        }
        $jotting->name = $jotting->typed === '' ? self::named($before, $after, $found) : $jotting->typed;
        if ($jotting->typed === '' && in_array($found->phrase->kind, [Kind::Paper, Kind::Panel], true)) {
            $faces = NamedItem::faces($jotting->name, false);
            $jotting->name = $faces === $jotting->name ? $faces : (string) preg_replace('/\s+papers?$/iu', '', $faces);
        }
        if ($jotting->beside !== '') {
            $jotting->name = ($jotting->name === '' ? $found->said : $jotting->name)." $jotting->beside";
        }
    }

    /** "lily pad green": a container word inside a name belongs to the name. */
    private static function isWithin(Said $said, int $place): bool
    {
        $isName = static fn (int $i): bool => isset($said->left()[$i]) && $said->tokens[$i]->isWord()
            && ! in_array($said->tokens[$i]->plain(), self::IDLE, true);

        return in_array($said->tokens[$place]->plain(), ['pad', 'stack', 'roll', 'spool', 'design'], true)
            && $isName($place - 1) && $isName($place + 1);
    }

    /** "flower and bow": an "and" between two words of a name belongs to the name. */
    private static function isBetween(Said $said, int $place): bool
    {
        $isName = static fn (int $i): bool => isset($said->left()[$i]) && $said->tokens[$i]->isWord();

        return in_array($said->tokens[$place]->lower(), ['and', '&', '+'], true) && $isName($place - 1) && $isName($place + 1);
    }

    /**
     * The name is "Kelp" for "cardstock kelp", since it is listed among cardstock. But it is "satin ribbon" and "cork
     * hearts" in full: an adjective alone would name nothing, and trimmings are listed among all sorts.
     *
     * @param  list<string>  $before  the kind
     * @param  list<string>  $after
     */
    private static function named(array $before, array $after, KindFound $found): string
    {
        $said = mb_strtolower($found->said);
        $group = $found->phrase->kind->good()::group();
        $isPieces = $found->phrase->kind === Kind::Embellishment;
        $isTrimming = $group === KindGroup::Trimmings || ($group === KindGroup::Tools && str_contains($said, ' '));

        // "4 doilies, white" are white doilies. No kind of ours has that name.
        $areVague = array_diff(array_map(mb_strtolower(...), [...$before, ...$after]), self::VAGUE) === [];
        $isTelling = $areVague || in_array(Kind::singular($said), self::TELLING, true);

        return match (true) {
            $before === [] && $after === [] => preg_match('/[ -]/', $said) === 1 && ! str_contains($said, 'sided') ? $said : '',
            $isPieces && ! $found->isPlural && $before === [] => "$said ".implode(' ', $after),
            $after === [], $isTrimming, $isTelling, $found->phrase->finish !== null => implode(' ', [...$before, ...$after, $said]),
            default => implode(' ', [...$before, ...$after]),
        };
    }

    /**
     * @param  list<string>  $taken
     * @return non-empty-list<Component>
     */
    private function draw(KindFound $found, Jotting $jotting, Counts $counts, bool $isSheet, array $taken): array
    {
        $kind = $found->phrase->kind;
        $components = [];
        $word = $found->phrase->word === '' ? $jotting->word : Kind::singular($found->said);
        $said = $jotting->name === ''
            ? ucfirst($word).($kind === Kind::Embellishment ? 's' : '')
            : mb_strtoupper(mb_substr($jotting->name, 0, 1)).mb_substr($jotting->name, 1);
        $isRoll = $kind->isByLength() && $jotting->length === null && $counts->hasRolls();
        $jotting->length = $isRoll ? Length::inches(self::USUAL_ROLL) : $jotting->length;
        $n = 0;
        do {
            $n++;
            $jotting->name = $said.($jotting->designs > 1 ? " $n" : '');
            $id = Slug::unique($jotting->name, [...$taken, ...array_map(static fn (Component $c): string => $c->id, $components)]);
            $component = Component::of($id, $jotting->name, $kind->good()::jotted($jotting), self::count($kind, $jotting, $counts));
            $guesses = Guesses::of($component, $jotting->size !== null, $isSheet);
            $components[] = $component->guessed(...$guesses, ...$jotting->guesses, ...($isRoll ? [Guesses::LENGTH] : []));
        } while ($n < $jotting->designs);

        return $components;
    }

    private static function count(Kind $kind, Jotting $jotting, Counts $counts): int
    {
        if ($kind->isByLength()) {
            $length = $jotting->length ?? throw $jotting->refuse("How long is it? Write, say: $jotting->word 36in");

            return $length->times($jotting->each ?? $counts->rolls())->units;
        }
        if ($kind->isSheets() && ($jotting->each ?? 1) > self::MOST_SHEETS) {
            throw $jotting->refuse('There are more than '.self::MOST_SHEETS.' sheets of it.');
        }
        if ($jotting->each === null && $kind === Kind::LayeredPicture) {
            // A set of layers is one picture.
            return $counts->rolls();
        }
        if ($jotting->each === null && $counts->rolls() > 1 && ! $jotting->plenty) {
            throw $jotting->refuse('How many are in one? Write, say: 2 packs of 10');
        }

        return $jotting->each ?? $kind->good()::usualCount() ?? throw $jotting->refuse('How many of each? End the line with, say: x2');
    }
}
