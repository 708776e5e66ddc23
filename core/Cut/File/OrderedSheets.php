<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut\File;

use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** A line of a cut order: some sheets of one paper and size. */
final readonly class OrderedSheets
{
    /** @param  list<Rect>  $blemishes */
    private function __construct(
        public string $id,
        public string $paper,
        public Size $size,
        public int $count,
        public bool $directional,
        public bool $isOffcut,
        public int $save,
        private Length $margin,
        private array $blemishes,
    ) {
    }

    /**
     * @param  bool  $directional  its print is directional, so nothing cut from it is turned
     * @param  bool  $isOffcut  it is begun already: used first, and not counted as opened
     * @param  int  $save  how many of them are to stay whole
     * @param  Length  $margin  unprinted all round
     * @param  list<Rect>  $blemishes  places to keep clear of
     */
    public static function of(
        string $id,
        string $paper,
        Size $size,
        int $count,
        bool $directional,
        bool $isOffcut,
        int $save,
        Length $margin,
        array $blemishes,
    ): self {
        return new self($id, $paper, $size, $count, $directional, $isOffcut, $save, $margin, $blemishes);
    }

    public function stock(string $id): Stock
    {
        $stock = $this->isOffcut ? Stock::offcut($id, $this->size) : Stock::sheet($id, $this->size);

        return $stock->marred($this->margin, $this->blemishes);
    }
}
