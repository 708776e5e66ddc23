<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Kind;

/** What a heading of a packing list says of the lines below it, and for which of them. */
final readonly class Heading
{
    /** Things that die cuts and stickers show, apart from what is sold by the piece. */
    private const PICTURES = '/\b(bow|button|clip|charm|token|peg|drop|jewel|crystal|rosette|tassel|bottle)s?\b/iu';

    /** @param  string  $says  before each line it speaks for; empty where it names no kind */
    private function __construct(public string $says, private ?Kind $kind)
    {
    }

    public static function none(): self
    {
        return new self('', null);
    }

    /**
     * The kind it names, with its size and "2 of each". It says nothing if it names no kind.
     *
     * @param  string  $size  that a line further down says of all
     */
    public static function of(string $heading, string $size): self
    {
        $bare = rtrim($heading, ': ');
        $bare = preg_match(HeadingSigns::PIECES, $bare) === 1 ? 'die cuts' : $bare;
        try {
            $tokens = Tokens::of($bare);
            $found = FindKind::in($tokens);
        } catch (BadLine) {
            return self::none();
        }
        $said = [];
        foreach ($tokens as $i => $token) {
            $isKind = $i >= $found->from && $i < $found->end();
            $isMeasure = in_array($token->kind, [TokenKind::Size, TokenKind::Square, TokenKind::Weight], true)
                || ($token->isWord() && NamedSize::of($token->text, $found->phrase->kind) !== null);
            if ($isKind || $isMeasure) {
                $said[] = mb_substr($bare, $token->at, $token->length);
            }
        }
        // Each line below is one thing, even with commas.
        $isEach = preg_match('/\b(\d+|one|two|three|four)\s+(?:sheets?\s+)?(?:of\s+)?each\b/iu', $bare, $of) === 1;
        $each = $isEach ? ' x'.Said::worth(Tokens::of($of[1])[0]) : '';

        $sided = NamedList::isTwoFaced($bare) && $found->phrase->kind === Kind::Paper ? ' double-sided' : '';

        return new self(trim(implode(' ', $said)."$sided$each $size"), $found->phrase->kind);
    }

    /**
     * The line names no kind of its own, or only a word that can be a name. Under "Die cuts", bows and flowers are die
     * cuts.
     */
    public function speaksFor(string $line): bool
    {
        if ($this->says === '') {
            return false;
        }
        // "Tags: 4 white, 4 kraft" names its kind, and so does "bits: 10 buttons, 2 m jute".
        $isLabelled = preg_match('/^([^:"“]{2,40}):\s+(.+)$/u', $line, $head) === 1;
        $own = $isLabelled ? FindKind::named($head[1]) : null;
        if ($own === null && $isLabelled && FindKind::namesAny("$head[1] $head[2]")) {
            return false;
        }
        $found = $own === null ? FindKind::named($line) : null;
        $tier = $own === null ? $found?->phrase->tier : KindPhrase::SURE;
        $isPictured = in_array($this->kind, [Kind::DieCut, Kind::Sticker, Kind::LayeredPicture, Kind::Stamp, Kind::Tool], true);
        $mayBePicture = $isPictured && preg_match(self::PICTURES, $line) === 1;

        // A paper can be named after anything: "Postcards / kraft" below "Papers" has two faces.
        $isPanel = $this->kind === Kind::Paper && $found?->phrase->kind === Kind::Panel
            && preg_match('/\d\s*[x×]\s*\d/u', $line) !== 1;
        $isPaper = $this->kind === Kind::Paper && preg_match('/\p{L}\s*\/\s*\p{L}/u', $line) === 1
            && preg_match('/\b(?:paper|card ?stock)s?\b/iu', $line) !== 1;

        // "Lace - 12x12 - 1 sheet" below "Papers" is a sheet. A tag below "Embellishments" is a tag.
        $isSheet = $this->kind?->isSheets() === true && $own === null && self::isOfSheet($line, $found);
        $isMaybe = $tier === KindPhrase::MAYBE && $this->kind !== Kind::Embellishment;

        return $tier === null || $isMaybe || $isPaper || $isPanel || $isSheet || $this->isWithinName($line, $found)
            || ($mayBePicture && $tier === KindPhrase::LIKELY);
    }

    /** Below "Papers", a kind in the middle of a name is a print: "Teatime - Doily dots". */
    private function isWithinName(string $line, ?KindFound $found): bool
    {
        if ($found === null || $this->kind?->isSheets() !== true || $found->isPlural || $found->phrase->kind->isSheets()) {
            return false;
        }
        $tokens = Tokens::of($line);
        $isName = static fn (Token $token): bool => $token->isWord() && mb_strlen($token->text) > 2 && Said::worth($token) === null
            && ! in_array($token->plain(), LineParser::IDLE, true);

        return array_filter(array_slice($tokens, 0, $found->from), $isName) !== []
            && array_filter(array_slice($tokens, $found->end()), $isName) !== [];
    }

    private static function isOfSheet(string $line, ?KindFound $found): bool
    {
        try {
            $sized = array_filter(
                Tokens::of($line),
                static fn (Token $one): bool => $one->kind === TokenKind::Size && Unnamed::isSheet($one),
            );
        } catch (BadLine) {
            return false;
        }

        return $sized !== [] && $found?->phrase->kind->isSheets() !== true
            && preg_match('/\b(?:sticker|die|stamp|stencil|folder|base|card|envelope|panel|mat)s?\b/iu', $line) !== 1;
    }
}
