<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Colour\ColourName;
use KeepShare\Core\Entry\BadLine;
use KeepShare\Core\Entry\Token;
use KeepShare\Core\Entry\TokenKind;
use KeepShare\Core\Entry\Tokens;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Singular;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * What is looked for in the scrap box, in a maker's words: "strip 2 x 5 1/2 calm blue", "circle 2 vellum", "anything 4
 * x 5 1/4 for a man".
 *
 * A measure is the least size, in either direction. Words must be in the name, the kit, the kind, the shape or the
 * print. The nearest colour comes first.
 */
final readonly class Find
{
    private const ANYTHING = [
        'anything', 'something', 'scrap', 'piece', 'offcut', 'part', 'any',
        'a', 'an', 'of', 'in', 'with', 'and', 'by',
    ];

    private const MEN = ['man', 'men', 'him', 'boy'];

    private const UNIT = '/(in|mm|cm|″|")$/u';

    private const NOUNS = [
        'strip', 'panel', 'square', 'mat', 'banner', 'tag', 'frame', 'motif', 'lining',
        'circle', 'heart', 'star', 'flower', 'leaf', 'label',
    ];

    /** What is cut with a die or a punch. A scrap can become it if its size is said. */
    private const SHAPES = ['circle', 'heart', 'star', 'flower', 'leaf', 'label'];

    /** The degrees on the colour wheel that separate blue from purple and from green. */
    private const OTHER_HUE = 32;

    /** Added to the distance of two colours that have different names. */
    private const OTHER_COLOUR = 100.0;

    /** Words that only tell apart colours of one name. */
    private const SHADES = ['sea', 'sky', 'ice', 'deep', 'pale', 'dark', 'rope'];

    /**
     * @param  string|null  $noun  a standard part that is called so, or anything large enough
     * @param  Size|null  $size  the least it must have
     * @param  list<string>  $words  in the singular, each of which must be in its name, its kind, its shape, a print or its kit
     */
    private function __construct(
        public ?string $noun,
        public ?Size $size,
        public ?bool $isBusy,
        public ?Colour $colour,
        public ?Finish $finish,
        public ?bool $isPrinted,
        public ?Motif $motif,
        public bool $isForAMan,
        public array $words,
    ) {
    }

    /** @throws BadLine at the word that cannot be, or where nothing is asked for */
    public static function read(string $text, Unit $unit): self
    {
        $tokens = array_values(array_filter(Tokens::of($text), static fn (Token $one): bool => $one->kind !== TokenKind::Break));
        if ($tokens === []) {
            throw BadLine::at(0, 0, 'Write what you are looking for, such as "strip 2 x 5 1/2 calm blue".');
        }
        $isForAMan = preg_match('/\bfor (a |an )?('.implode('|', self::MEN).')\b/i', $text) === 1;
        $colour = ColourName::in($text);
        $noun = $size = $isBusy = $finish = $isPrinted = $motif = null;
        $words = [];
        foreach ($tokens as $token) {
            $word = rtrim($token->lower(), '.?!');
            $one = Noun::one($word);
            match (true) {
                $token->kind === TokenKind::Size => $size = self::size($token, $token->text, $token->more, $unit),
                in_array($token->kind, [TokenKind::Length, TokenKind::Number, TokenKind::Square], true) => $size = self::size(
                    $token,
                    $token->text,
                    $token->text,
                    $unit,
                ),
                $token->kind === TokenKind::Colour => $colour = Colour::fromHex($token->text),
                in_array($one, self::NOUNS, true) => $noun = $one,
                in_array($word, ['calm', 'busy'], true) => $isBusy = $word === 'busy',
                Finish::tryFrom($word) !== null && $word !== 'plain' => $finish = Finish::from($word),
                in_array($one, ['cardstock', 'plain'], true) => $isPrinted = false,
                in_array($one, ['paper', 'print', 'printed', 'patterned'], true) => $isPrinted = true,
                Motif::tryFrom($word) !== null || Motif::tryFrom($one) !== null => $motif = Motif::tryFrom($word) ?? Motif::from($one),
                self::isSaid($word, $isForAMan, $colour) => null,
                default => $words[] = Singular::of($word),
            };
        }

        return new self($noun, $size, $isBusy, $colour, $finish, $isPrinted, $motif, $isForAMan, $words);
    }

    /** Whether a scrap of it is large enough, in either direction. */
    public function takes(Size $size): bool
    {
        return $this->size === null || $this->size->fitsIn($size, true);
    }

    /**
     * A standard part with another name does not match. A plain scrap may become what is asked for if its size is said.
     *
     * @param  Motif|null  $print  of the face that would be shown: a paper printed with hearts has hearts to be cut out
     */
    public function takesPart(?string $part, Size $size, ?Motif $print = null): bool
    {
        return match (true) {
            $this->noun === null || $part === $this->noun => true,
            $part !== null => false,
            $this->size !== null => true,
            in_array($this->noun, self::SHAPES, true) => $print !== null && Singular::of($print->value) === $this->noun,
            default => Noun::ofSize($size) === $this->noun || ! in_array($this->noun, ['strip', 'panel'], true),
        };
    }

    /**
     * Whether a ready-made thing, such as a die cut or a sticker, matches by its name, its kind or its shape.
     *
     * @param  string  $from  the kit it is of
     */
    public function isThing(Component $component, string $from): bool
    {
        $good = $component->good;
        $wanted = array_filter([...$this->words, $this->noun, $this->motif === null ? null : Singular::of($this->motif->value)]);
        if ($good instanceof SheetGood || $wanted === [] || $this->isOfPaper()) {
            return false;
        }
        $extent = $good->extent();
        $isLarge = $this->size === null || ($extent !== null && $this->size->fitsIn($extent, true));
        $isNear = fn (Colour $one): bool => ! $this->isOtherColour($one);
        $isOfColour = $this->colour === null || array_filter($good->colours(), $isNear) !== [];

        return $isLarge && $isOfColour && array_diff($wanted, self::namesOf($component, $from)) === [];
    }

    /** Whether the request only makes sense for papers and cardstock. */
    private function isOfPaper(): bool
    {
        return $this->isBusy !== null || $this->finish !== null || $this->isPrinted !== null;
    }

    /** @return list<string> the words asked for that are not among those of any of these */
    public function unknown(string ...$names): array
    {
        $there = array_merge(...array_map(Singular::ofAll(...), $names));

        return array_values(array_diff($this->words, $there));
    }

    /**
     * The words by which a component is found: its name, its kind, its shape, its prints and its kit.
     *
     * @return list<string> in the singular
     */
    public static function namesOf(Component $component, string $from): array
    {
        $good = $component->good;
        $shape = $good instanceof Applied ? $good->printed()->shape->value : '';
        $words = $component->words()->text ?? '';
        $faces = $good instanceof SheetGood ? $good->faces() : [];
        $prints = array_map(static fn (Face $face): string => "$face->name {$face->motif->value}", $faces);

        return Singular::ofAll(implode(' ', [$component->name, $component->kind()->value, $shape, $words, $from, ...$prints]));
    }

    /**
     * The face of a component to be shown: the nearest in colour. Null if none matches.
     *
     * @param  string  $from  the kit it is of, or came from
     */
    public function faceOf(Component $component, string $from): ?int
    {
        $good = $component->good;
        if (! $good instanceof SheetGood || ! $this->isOfStuff($good) || ! $this->isNamed($component, $from)) {
            return null;
        }
        $best = null;
        foreach ($good->faces() as $n => $face) {
            if ($this->showsIt($face) && ($best === null || $this->apart($face) < $this->apart($good->faces()[$best]))) {
                $best = $n;
            }
        }

        return $best;
    }

    /**
     * How far a face is from the colour asked for, or 0 if none was. A request for blue means light or dark blue, so
     * lightness counts a third.
     */
    public function apart(Face $face): float
    {
        if ($this->colour === null) {
            return 0.0;
        }
        [$is, $wanted] = [$face->ground()->lab(), $this->colour->lab()];
        $apart = sqrt((($is->lightness - $wanted->lightness) / 3) ** 2 + ($is->a - $wanted->a) ** 2 + ($is->b - $wanted->b) ** 2);

        return $apart + ($this->isOtherColour($face->ground()) ? self::OTHER_COLOUR : 0.0);
    }

    /**
     * Whether it has another colour name: purple or grey when blue is asked for. For colours without hue only the
     * distance counts.
     */
    private function isOtherColour(Colour $colour): bool
    {
        $wanted = $this->colour?->hue();
        $is = $colour->hue();
        if ($wanted === null) {
            return false;
        }
        $between = abs($wanted - ($is ?? $wanted + 180)) % 360;

        return min($between, 360 - $between) > self::OTHER_HUE;
    }

    private function isOfStuff(SheetGood $good): bool
    {
        $cardstock = $good instanceof Cardstock ? $good : null;

        return ($this->finish === null || $cardstock?->finish === $this->finish)
            && ($this->isPrinted === null || $this->isPrinted === ($cardstock === null));
    }

    private function isNamed(Component $component, string $from): bool
    {
        return array_diff($this->words, self::namesOf($component, $from)) === [];
    }

    private function showsIt(Face $face): bool
    {
        return ($this->isBusy === null || $face->busy === $this->isBusy)
            && ($this->motif === null || $face->motif === $this->motif)
            && (! $this->isForAMan || $face->motif !== Motif::Sprig);
    }

    /** @throws BadLine */
    private static function size(Token $token, string $width, string $height, Unit $unit): Size
    {
        // "10 x 15 cm" is in centimetres both ways.
        if (preg_match(self::UNIT, $width) === 0 && preg_match(self::UNIT, $height, $said) === 1) {
            $width .= $said[1];
        }
        try {
            return Size::of(Length::parse($width, $unit), Length::parse($height, $unit));
        } catch (BadMeasure $wrong) {
            throw $token->wrong($wrong->getMessage());
        }
    }

    /** A word that is understood together with others: of a colour, of a person, or one without meaning of its own. */
    private static function isSaid(string $word, bool $isForAMan, ?Colour $colour): bool
    {
        $isColour = $colour !== null && (ColourName::in($word) !== null || in_array($word, self::SHADES, true));

        return $isColour
            || in_array(Noun::one($word), self::ANYTHING, true)
            || ($isForAMan && in_array($word, [...self::MEN, 'for'], true));
    }
}
