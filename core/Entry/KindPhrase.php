<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\Kind;

/**
 * A name for a kind of thing, what it behaves as, and how certain it is. A paper is one wherever it is named. A bow may
 * be a picture on a die cut, and a flower may be printed on a paper.
 */
final readonly class KindPhrase
{
    public const SURE = 1;

    public const LIKELY = 2;

    public const MAYBE = 3;

    /** @param  string  $word  by which the kind tells what it is: "tag", "chipboard", "ink" */
    private function __construct(
        public Kind $kind,
        public string $word,
        public int $tier,
        public bool $isPlenty,
        public ?Finish $finish,
    ) {
    }

    public static function of(Kind $kind, string $word = '', int $tier = self::SURE): self
    {
        return new self($kind, $word, $tier, false, null);
    }

    /** Nobody counts these, unless the line does. */
    public static function plenty(Kind $kind): self
    {
        return new self($kind, '', self::LIKELY, true, null);
    }

    public static function finished(Finish $finish): self
    {
        return new self(Kind::Cardstock, '', self::SURE, false, $finish);
    }
}
