<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** One sheet or offcut on the table. */
final readonly class Stock
{
    /**
     * @param  Length  $margin  unprinted all round, of no use
     * @param  list<Rect>  $blemishes  places to keep clear of: a bent corner, a hole
     */
    private function __construct(public string $id, public Size $size, public bool $isWhole, public Length $margin, public array $blemishes)
    {
    }

    public static function sheet(string $id, Size $size): self
    {
        return new self($id, $size, true, Length::zero(), []);
    }

    public static function offcut(string $id, Size $size): self
    {
        return new self($id, $size, false, Length::zero(), []);
    }

    /** @param  list<Rect>  $blemishes */
    public function marred(Length $margin, array $blemishes): self
    {
        return new self($this->id, $this->size, $this->isWhole, $margin, $blemishes);
    }

    public function isClean(): bool
    {
        return $this->margin->isZero() && $this->blemishes === [];
    }
}
