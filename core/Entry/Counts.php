<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Kind;

/**
 * How many designs, how many of each, and how many in all. These must agree. A number that could mean two things is
 * refused: twelve papers may be twelve designs or twelve sheets of one.
 */
final class Counts
{
    private const DESIGNS = [
        'design', 'pattern', 'motif', 'style', 'variety', 'colourway', 'colorway', 'colour', 'color', 'kind', 'sort', 'different', 'size',
    ];

    private const PIECES = [
        'sheet', 'piece', 'pc', 'pcs', 'ct', 'count', 'item', 'element', 'bit', 'unit', 'off', 'page',
    ];

    private const PACKS = ['pack', 'package', 'packet', 'pkg', 'pk', 'set', 'bundle', 'strip', ...self::LOOSE];

    /** Things inside these are not counted. */
    private const LOOSE = ['box', 'bag', 'tube', 'jar', 'tin', 'pot', 'vial', 'bottle'];

    private const ROLLS = ['roll', 'spool', 'reel', 'skein', 'hank', 'bobbin', 'length', 'card'];

    /** Small things are sold on sheets: "3 sheets of 24". */
    private const CARRIERS = ['card', 'sheet', 'row', 'strip'];

    private const BETWEEN = [
        'double-sided', 'single-sided', 'assorted', 'different', 'mixed', 'unique', 'of', 'asst', 'various', 'printed', 'single',
        'individual',
    ];

    private const MOST_DESIGNS = 60;

    private const MOST_PIECES = 100_000;

    private ?Token $designs = null;

    private ?Token $each = null;

    private ?Token $all = null;

    private ?Token $packs = null;

    /** A number before the kind counts designs or pieces. The rest of the line says which. */
    private ?Token $lead = null;

    /** A pack is named. Small things inside it are not counted. */
    public bool $isPacked = false;

    /** Whether it says how many are on a sheet. */
    public bool $isCarried = false;

    private function __construct(private readonly Said $said, private readonly KindFound $kind)
    {
    }

    /** @throws BadLine at a number that cannot be meant */
    public static function in(Said $said, KindFound $kind): self
    {
        $counts = new self($said, $kind);
        for ($i = 0; $i < count($said->tokens); $i++) {
            $counts->at($i);
        }
        $counts->settleTimes();

        return $counts;
    }

    /** "x 20 (10 designs)" is twenty in all. "x2 (12 designs)" is two of each. */
    private function settleTimes(): void
    {
        $designs = $this->designs === null ? 0 : (int) Said::worth($this->designs);
        $times = $this->each?->kind === TokenKind::Times ? (int) Said::worth($this->each) : 0;
        if ($designs > 1 && $times >= 2 * $designs && $times % $designs === 0 && $this->all === null) {
            [$this->all, $this->each] = [$this->each, null];
        }
    }

    /** How many designs there are. */
    public function designs(): int
    {
        $all = $this->inAll();
        $each = $this->number($this->each);
        if ($this->designs !== null) {
            $designs = $this->number($this->designs, self::MOST_DESIGNS) ?? 1;
            // "40 gems, 3 sizes" come mixed. Nobody sorts them.
            $isMixed = $this->kind->phrase->kind === Kind::Embellishment && $each === null && $all !== null && $all % $designs !== 0;

            return $isMixed ? 1 : $designs;
        }
        if ($this->lead !== null && ($each !== null || $this->all !== null)) {
            return $this->isCounted() ? 1 : $this->number($this->lead, self::MOST_DESIGNS) ?? 1;
        }

        // "24 sheets, 2 of each" is twelve designs.
        return $all !== null && $each !== null && $all % $each === 0 ? intdiv($all, $each) : 1;
    }

    /** How many of each. Null if the line does not say. */
    public function each(): ?int
    {
        $designs = $this->designs();
        $each = $this->number($this->each);
        $all = $this->inAll();
        $packs = $this->number($this->packs) ?? 1;
        if ($this->designs === null && $this->lead !== null && $this->all === null && $each === null) {
            $all = $this->leadAlone();
        }
        $isAgreed = $this->designs !== null && $this->number($this->lead) === $designs * $each;
        if ($this->isCounted() && $this->lead !== null && $each !== null && ! $isAgreed) {
            // "2 packs brads x10" is twenty. "3 white envelopes x2" is unclear.
            throw ($this->each ?? $this->lead)->wrong('There is a count already. Write one count a line.');
        }
        $lead = $this->number($this->lead);
        if ($this->isCounted() && $this->all !== null && $lead !== null && $lead > 1 && $lead !== $this->number($this->all)) {
            // "2 pockets and 3 blips": neither number may be lost.
            throw $this->all->wrong('There is a count already. Write one count a line.');
        }
        if ($each !== null && $all !== null && $each * $designs !== $all && $this->each !== $this->all) {
            throw ($this->each ?? $this->lead ?? $this->said->tokens[0])
                ->wrong("$designs of $each each are not $all. Say how many designs there are, and how many of each.");
        }
        if ($each === null && $this->designs === null && $this->kind->isPlural) {
            $this->refuseEither($this->all, $this->kind->phrase->kind === Kind::Paper ? $all : null);
        }
        if ($each === null && $all !== null) {
            if ($all % $designs !== 0) {
                throw ($this->all ?? $this->lead ?? $this->said->tokens[0])
                    ->wrong("$all cannot be as many of each of $designs designs. Say how many there are of each.");
            }
            $each = intdiv($all, $designs);
        }

        return $each === null ? null : $each * ($this->packs === null ? 1 : $packs);
    }

    /** How many packs or rolls are named, if nothing says what is in one. */
    public function rolls(): int
    {
        return $this->number($this->packs) ?? 1;
    }

    /** "1 roll": the length is not said. */
    public function hasRolls(): bool
    {
        return $this->packs !== null || $this->isPacked;
    }

    public function isSaid(): bool
    {
        // A set of layers is one picture.
        $isSets = $this->packs !== null && $this->kind->phrase->kind === Kind::LayeredPicture;

        return $isSets || $this->each !== null || $this->all !== null || $this->lead !== null;
    }

    private function leadAlone(): ?int
    {
        $many = $this->number($this->lead);
        $this->refuseEither($this->lead, $many);

        return $many;
    }

    /** Twelve papers may be twelve of one, or one of twelve. */
    private function refuseEither(?Token $token, ?int $many): void
    {
        if ($many !== null && $many > 1 && $token !== null && in_array($this->kind->phrase->kind, [Kind::Paper, Kind::Panel], true)) {
            throw $token->wrong(
                "Are that $many designs, or $many sheets of one? Write, say: $many designs x2. Or: $many sheets of one paper.",
            );
        }
    }

    private function inAll(): ?int
    {
        $all = $this->number($this->all);
        // "24 papers, 12 designs": the number before the kind counts all.
        $lead = $this->designs !== null && $this->all === null && $this->each === null ? $this->number($this->lead) : null;

        return $all ?? $lead;
    }

    private function isCounted(): bool
    {
        return ! $this->kind->phrase->kind->isSheets();
    }

    private function at(int $i): void
    {
        $token = $this->said->tokens[$i];
        if ($this->said->isTaken($i) || $token->kind === TokenKind::Amount) {
            return;
        }
        if ($token->kind === TokenKind::Times) {
            $this->each = $this->once($this->each, $token);
            $this->said->take($i);

            return;
        }
        if ($token->isWord() && in_array($token->plain(), self::PACKS, true) && ! $this->isWithinName($i)) {
            $this->pack($i);

            return;
        }
        if ($this->said->number($i) !== null) {
            $this->numberAt($i, $token);
        }
    }

    /**
     * "seed packet tags", "flower pots die cuts": if a name goes on after a container word, the word belongs to the
     * name.
     */
    private function isWithinName(int $i): bool
    {
        $before = $this->said->tokens[$i - 1] ?? null;
        $after = $this->said->tokens[$i + 1] ?? null;
        $isName = static fn (?Token $token): bool => $token !== null && $token->isWord() && Said::worth($token) === null
            && ! in_array($token->plain(), LineParser::IDLE, true);

        return $isName($before) && ! $this->said->isTaken($i - 1) && $isName($after);
    }

    /** "pack of 12", "a set of 6", or a pack of unknown size. */
    private function pack(int $i): void
    {
        $this->isPacked = $this->isPacked || $this->said->isWord($i, self::LOOSE);
        $this->said->take($i);
        $isOf = $this->said->isWord($i + 1, ['of']);
        $number = $this->said->number($i + ($isOf ? 2 : 1));
        if ($isOf && $number !== null && ! $this->isDesigns($i + 3)) {
            $this->all = $this->once($this->all, $this->said->tokens[$i + 2]);
            $this->said->take($i + 1, $i + 2);
            $this->takeNoun($i + 3);
        }
    }

    private function numberAt(int $i, Token $token): void
    {
        $next = $this->said->after($i, self::BETWEEN);
        if ($this->isDesigns($next)) {
            $this->designs = $this->once($this->designs, $token);
            $this->said->take(...range($i, $next));
            $this->said->takeWords($next + 1, ['design', 'pattern']);

            return;
        }
        if ($this->said->isWord($i + 1, ['of', 'per', 'for']) && $this->isEach($i + 2)) {
            $this->eachOf($i, $token, $i + 2);

            return;
        }
        if ($this->isEach($i + 1)) {
            $this->eachOf($i, $token, $i + 1);

            return;
        }
        $this->ofNoun($i, $next, $token);
    }

    private function ofNoun(int $i, int $next, Token $token): void
    {
        $noun = $this->said->tokens[$next] ?? null;
        $plain = $noun !== null && $noun->isWord() ? $noun->plain() : '';
        if (in_array($plain, self::CARRIERS, true) && $this->isCounted() && $this->carries($i, $next, $token)) {
            return;
        }
        if (in_array($plain, self::PIECES, true)) {
            $end = $next;
            // "2 sheets of each", "two sheets each"
            $each = $this->said->isWord($next + 1, ['of', 'per']) ? $next + 2 : $next + 1;
            if ($this->isEach($each)) {
                $this->eachOf($i, $token, $each);
                $this->said->take(...range($i, $end));

                return;
            }
            $this->all = $this->once($this->all, $token);
            $this->said->take(...range($i, $end));
            $this->said->takeWords($end + 1, ['of']);

            return;
        }
        $isRolls = in_array($plain, self::ROLLS, true)
            && ($this->kind->phrase->kind->isByLength() || $this->kind->phrase->kind === Kind::Adhesive);
        // "10 pack" holds ten. "2 packs" are two.
        if ($noun !== null && $plain === 'pack' && $noun->lower() === 'pack' && (Said::worth($token) ?? 0) > 1) {
            $this->all = $this->once($this->all, $token);
            $this->said->take(...range($i, $next));

            return;
        }
        if ($isRolls || in_array($plain, self::PACKS, true)) {
            $this->packs = $this->once($this->packs, $token);
            $this->said->take($i);
            if ($isRolls) {
                $this->said->take(...range($i, $next));
                $this->said->takeWords($next + 1, ['of']);
            }

            return;
        }
        $this->said->take($i);
        if ($i < $this->kind->from) {
            $this->lead = $this->once($this->lead, $token);

            return;
        }
        $this->all = $this->once($this->all, $token);
    }

    /** "3 sheets of 24" is 72. */
    private function carries(int $i, int $next, Token $token): bool
    {
        if (! $this->said->isWord($next + 1, ['of', 'with']) || $this->said->number($next + 2) === null || $this->isDesigns($next + 3)) {
            return false;
        }
        $this->packs = $this->once($this->packs, $token);
        $this->all = $this->once($this->all, $this->said->tokens[$next + 2]);
        $this->said->take(...range($i, $next + 2));
        $this->takeNoun($next + 3);
        $this->isCarried = true;

        return true;
    }

    private function eachOf(int $i, Token $token, int $each): void
    {
        $this->each = $this->once($this->each, $token);
        $this->said->take(...range($i, $each));
        // "2 of each of six designs", "two sheets each of 6 designs"
        $this->said->takeWords($each + 1, ['of', 'design', 'pattern', 'sheet', 'paper', 'colour', 'color']);
        // "2 each of 12": twelve designs.
        $designs = $this->said->isWord($each + 1, ['of']) ? $each + 2 : $each;
        $isLast = ($this->said->tokens[$designs + 1]->kind ?? TokenKind::Break) === TokenKind::Break;
        if ($designs > $each && $isLast && $this->said->number($designs) !== null) {
            $this->designs = $this->once($this->designs, $this->said->tokens[$designs]);
            $this->said->take($designs);
        }
    }

    private function takeNoun(int $i): void
    {
        $this->said->takeWords($i, self::PIECES);
    }

    private function isDesigns(int $i): bool
    {
        $token = $this->said->tokens[$i] ?? null;

        return $token !== null && $token->isWord() && in_array($token->plain(), self::DESIGNS, true);
    }

    private function isEach(int $i): bool
    {
        return $this->said->isWord($i, ['each', 'ea', 'ea.', 'every', 'apiece', 'design', 'colour', 'color', 'pattern']);
    }

    private function once(?Token $is, Token $token): Token
    {
        return $is === null ? $token : throw $token->wrong('There is a count already. Write one count a line.');
    }

    private function number(?Token $token, int $most = self::MOST_PIECES): ?int
    {
        if ($token === null) {
            return null;
        }
        $number = Said::worth($token);
        if ($number === null || $number < 1) {
            throw $token->wrong("$token->text is less than one.");
        }

        $what = $most === self::MOST_DESIGNS ? 'designs' : 'of one thing';

        return $number > $most ? throw $token->wrong("$token->text is more than Keep Share holds $what ($most).") : $number;
    }
}
