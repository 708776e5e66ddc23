<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Colour\ColourName;
use KeepShare\Core\Kit\Adhesive;
use KeepShare\Core\Kit\AdhesiveForm;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Embellishment;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\LayeredPicture;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Panel;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Ribbon;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Slug;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Sticker;
use KeepShare\Core\Kit\StickerStuff;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Kit\ToolKind;
use KeepShare\Core\Kit\Weight;
use KeepShare\Core\Kit\Words;
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
 */
final class LineParser
{
    private const NUMBER_WORDS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'twenty'];

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
        $jotting = new Jotting;
        $first = array_shift($tokens) ?? throw BadLine::at(0, 1, 'The line is empty. Write, say: cardstock 8.5x11 kelp x3');
        if ($first->kind === TokenKind::Number) {
            $jotting->designs = self::number($first, self::MOST_DESIGNS, 'designs');
            $first = array_shift($tokens) ?? throw $first->wrong('How many of what? Write the kind next: papers, cardstock, envelopes …');
        }
        if ($first->lower() === 'die' && in_array(($tokens[0] ?? null)?->lower(), ['cut', 'cuts'], true)) {
            array_shift($tokens);
            $first = Token::of(TokenKind::Word, 'die-cut', '', $first->at, $first->length);
        }
        $kind = ($first->kind === TokenKind::Word ? EntryKind::of($first->text) : null)
            ?? throw $first->wrong('"'.$first->text.'" is not a kind. Begin with one such as paper, cardstock, base, envelope, die-cut, sentiment, sticker, gems, ribbon, foam, stamp or die.');
        $this->read($tokens, $jotting);
        if (! $kind->kind->isSheets() && $jotting->each === null && $jotting->designs > 1) {
            // "10 bases": ten of one, not ten designs.
            [$jotting->each, $jotting->designs] = [$jotting->designs, 1];
        }

        return $this->draw($kind, $jotting, $first, $taken);
    }

    /** @param  list<Token>  $tokens */
    private function read(array $tokens, Jotting $jotting): void
    {
        $name = [];
        $isFor = false;
        foreach ($tokens as $token) {
            if ($isFor && $this->occasion($token, $jotting)) {
                continue;
            }
            $isFor = $token->kind === TokenKind::Word && $token->lower() === 'for';
            if ($token->kind === TokenKind::Word && preg_match('/^[x×]?\d/u', $token->text) === 1) {
                throw $token->wrong('"'.$token->text.'" is neither a number, nor a size such as 6x6, nor a count such as x2.');
            }
            if (in_array($token->lower(), self::NUMBER_WORDS, true)) {
                throw $token->wrong('Write the number in figures.');
            }
            if (! $isFor && ! $this->measure($token, $jotting) && ! self::adjective($token, $jotting)) {
                $name[] = $token->text;
            }
        }
        if ($jotting->name === '') {
            $jotting->name = implode(' ', $name);
        }
    }

    private function measure(Token $token, Jotting $jotting): bool
    {
        try {
            match ($token->kind) {
                TokenKind::Size => $jotting->size = Size::parse($token->text, $token->more, $this->unit),
                TokenKind::Length => $jotting->length = Length::parse($token->text, $this->unit),
                TokenKind::Times => $jotting->each = self::number($token, self::MOST_PIECES, 'of one thing'),
                TokenKind::Number => $jotting->each = self::number($token, self::MOST_PIECES, 'of one thing'),
                TokenKind::Colour => $jotting->colours[] = Colour::fromHex($token->text),
                TokenKind::Name => $jotting->name = trim($token->text),
                TokenKind::Word => null,
            };
        } catch (BadMeasure $wrong) {
            throw $token->wrong($wrong->getMessage());
        }
        if ($jotting->size !== null && $jotting->size->longer()->isLongerThan(Length::inches(24))) {
            throw $token->wrong($token->text.' × '.$token->more.' is larger than 24 in.');
        }

        return $token->kind !== TokenKind::Word;
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
            throw $token->wrong('"'.$token->text.'" is not an occasion. They are '.implode(', ', array_column(Occasion::cases(), 'value')).'.');
        }

        return false;
    }

    private static function number(Token $token, int $most, string $what): int
    {
        $number = (int) $token->text;
        if ($number < 1) {
            throw $token->wrong($token->text.' is less than one.');
        }

        return strlen($token->text) > 9 || $number > $most ? throw $token->wrong($token->text." is more than Keep Share holds $what ($most).") : $number;
    }

    /**
     * @param  list<string>  $taken
     * @return non-empty-list<Component>
     */
    private function draw(EntryKind $kind, Jotting $jotting, Token $word, array $taken): array
    {
        $components = [];
        $n = 0;
        do {
            $n++;
            $name = $jotting->name === '' ? self::usualName($kind) : mb_strtoupper(mb_substr($jotting->name, 0, 1)).mb_substr($jotting->name, 1);
            $name .= $jotting->designs > 1 ? " $n" : '';
            $id = Slug::unique($name, [...$taken, ...array_map(static fn (Component $c): string => $c->id, $components)]);
            $components[] = Component::of($id, $name, $this->good($kind, $jotting, $word, $name), $this->count($kind, $jotting, $word));
        } while ($n < $jotting->designs);

        return $components;
    }

    private static function usualName(EntryKind $kind): string
    {
        return ucfirst(str_replace('-', ' ', $kind->word)).($kind->kind === Kind::Embellishment ? 's' : '');
    }

    private function count(EntryKind $kind, Jotting $jotting, Token $word): int
    {
        if ($kind->kind->isByLength()) {
            return ($jotting->length ?? throw $word->wrong('How long is it? Write, say: '.$kind->word.' 36in'))->times($jotting->each ?? 1)->units;
        }
        if ($kind->kind->isSheets() && ($jotting->each ?? 1) > self::MOST_SHEETS) {
            throw $word->wrong('There are more than '.self::MOST_SHEETS.' sheets of it.');
        }

        return $jotting->each ?? match ($kind->kind) {
            Kind::Paper, Kind::DieCut => 2,
            default => 1,
        };
    }

    private function good(EntryKind $kind, Jotting $jotting, Token $word, string $name): Good
    {
        $colour = $jotting->colours[0] ?? ColourName::in($name) ?? Colour::fromHex('#d8d5cc');

        return match ($kind->kind) {
            Kind::Paper => $this->paper($jotting, $name, $colour),
            Kind::Panel => Panel::of($jotting->size ?? Size::parse('3', '4', Unit::Inch), ...$this->faces($jotting, $name, $colour)),
            Kind::Cardstock => Cardstock::of($jotting->size ?? $this->stock(), $colour, $jotting->colours[1] ?? null, Finish::tryFrom($kind->word) ?? $jotting->finish ?? Finish::Plain, $jotting->weight ?? Weight::Medium),
            Kind::Base => CardBase::of($jotting->size ?? $this->front, FoldEdge::Side, $jotting->colours[0] ?? ColourName::in($name) ?? Colour::fromHex('#ffffff')),
            Kind::Envelope => Envelope::of($jotting->size ?? $this->front->grown(Length::inches(0, 1, 8)), $jotting->colours[0] ?? ColourName::in($name) ?? Colour::fromHex('#ffffff')),
            Kind::DieCut => DieCut::of($this->printed($kind, $jotting, $word, $name, $colour)),
            Kind::Sticker => Sticker::of($this->printed($kind, $jotting, $word, $name, $colour), $kind->stuff ?? StickerStuff::Label),
            Kind::LayeredPicture => LayeredPicture::of($this->printed($kind, $jotting, $word, $name, $colour), 4),
            Kind::Embellishment => Embellishment::of($colour, $jotting->plenty),
            Kind::Ribbon => Ribbon::of($colour),
            Kind::Foam => Foam::of($jotting->length ?? Length::millimetres(2)),
            Kind::Adhesive => Adhesive::of($kind->form ?? AdhesiveForm::Glue, $jotting->plenty || $jotting->each === null),
            Kind::Stamp => Stamp::of($jotting->size ?? Size::parse('2', '3/8', Unit::Inch), $jotting->occasions === [] ? null : Words::of($name, $jotting->occasions)),
            Kind::Tool => Tool::of($kind->tool ?? ToolKind::Die, $jotting->size, null, $jotting->colours[0] ?? null, $jotting->directional),
        };
    }

    private function sheet(): Size
    {
        return $this->unit === Unit::Inch ? Size::parse('6', '6', Unit::Inch) : Size::parse('150', '150', Unit::Millimetre);
    }

    private function stock(): Size
    {
        return $this->unit === Unit::Inch ? Size::parse('8 1/2', '11', Unit::Inch) : Size::parse('210', '297', Unit::Millimetre);
    }

    private function paper(Jotting $jotting, string $name, Colour $colour): Paper
    {
        [$front, $back] = $this->faces($jotting, $name, $colour);

        return Paper::of($jotting->size ?? $this->sheet(), $front, $back, $jotting->heavy);
    }

    /** @return array{Face, Face} */
    private function faces(Jotting $jotting, string $name, Colour $colour): array
    {
        $names = array_map(trim(...), explode('/', $jotting->name === '' ? $name : $jotting->name, 2));
        // A print in one colour would not show on its own ground.
        $print = Colour::fromHex('#8b9490');
        $face = static fn (int $i): Face => Face::printed(
            ($names[$i] ?? '') !== '' ? $names[$i] : ($i === 0 ? $name : "$name, back"),
            Motif::tryFrom(mb_strtolower($names[$i] ?? '')) ?? Motif::Solid,
            [$jotting->colours[$i] ?? ColourName::in($names[$i] ?? '') ?? $colour, ...($i === 0 && count($jotting->colours) > 2 ? array_slice($jotting->colours, 2, 4) : [$print])],
            $jotting->busy[$i] ?? false,
            $jotting->directional,
        );

        return [$face(0), $face(1)];
    }

    private function printed(EntryKind $kind, Jotting $jotting, Token $word, string $name, Colour $colour): Printed
    {
        if ($kind->serves === Serves::Sentiment && $jotting->occasions === []) {
            throw $word->wrong('What is it fit for? End the line with, say: for birthday');
        }
        $words = $kind->serves === Serves::Sentiment ? Words::of(mb_strtolower(mb_substr($name, 0, 1)).mb_substr($name, 1), $jotting->occasions) : null;
        $usual = $kind->serves === Serves::Sentiment ? Size::parse('2 1/4', '1/2', Unit::Inch) : Size::parse('1 1/2', '1 3/4', Unit::Inch);
        $shape = Shape::tryFrom(mb_strtolower($name)) ?? ($kind->serves === Serves::Image ? Shape::Circle : Shape::tryFrom($kind->serves->value) ?? Shape::Label);

        return Printed::of($jotting->size ?? $usual, $kind->serves, $shape, $jotting->colours === [] ? [$colour, Colour::fromHex('#33434d')] : $jotting->colours, $words);
    }
}
