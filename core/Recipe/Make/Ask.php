<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Make;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Recipe\BadRecipe;
use KeepShare\Core\Sketch\Sketch;

/** What a recipe is to be made of, and what its cards must be like. */
final readonly class Ask
{
    public const MOST_SHEETS = 12;

    public const MOST_CARDS = 100;

    private const MOST_PAPERS = 6;

    /** No sheet is larger than this, in units: the largest pads and rolls of a craft shop. */
    private const LONGEST = 24 * 203_200;

    /**
     * @param  int  $sheets  each of a print of its own
     * @param  int|null  $cards  so many; null for the most
     * @param  int  $alike  no more cards on one sketch in the same measures
     * @param  int  $papers  different papers at least on each card
     * @param  int  $waste  of the paper, in per cent, that is let go for more cards
     * @param  list<Sketch>  $sketches
     * @param  Length|null  $frame  how much of the base shows round a front; null as the sketches have it
     */
    private function __construct(
        public int $sheets,
        public Size $sheet,
        public Size $front,
        public Unit $unit,
        public ?int $cards,
        public int $alike,
        public int $papers,
        public int $waste,
        public array $sketches,
        public ?Length $frame,
    ) {
    }

    /**
     * @param  int|null  $papers  null for two, or one where there is but one sheet
     * @param  list<Sketch>  $sketches
     *
     * @throws BadRecipe with what is wrong, by its name
     */
    public static function of(
        int $sheets,
        Size $sheet,
        Size $front,
        Unit $unit,
        ?int $cards,
        int $alike,
        ?int $papers,
        array $sketches,
        int $waste = 3,
        ?Length $frame = null,
    ): self {
        $papers ??= min(2, $sheets);
        $faults = array_filter([
            'sheets' => self::within($sheets, self::MOST_SHEETS, 'sheets'),
            'sheet' => $sheet->longer()->units > self::LONGEST ? 'A sheet is up to 24 in, or 609 mm.' : null,
            'front' => $front->longer()->units > self::LONGEST ? 'A front is up to 24 in, or 609 mm.' : null,
            'cards' => $cards === null ? null : self::within($cards, self::MOST_CARDS, 'cards'),
            'alike' => self::within($alike, self::MOST_CARDS, 'cards alike'),
            'papers' => self::within($papers, max(1, min($sheets, self::MOST_PAPERS)), 'papers on a card'),
            'waste' => $waste < 0 || $waste > 100 ? 'From 0 to 100 per cent.' : null,
        ]);

        return $faults === []
            ? new self($sheets, $sheet, $front, $unit, $cards, $alike, $papers, $waste, $sketches, $frame)
            : throw BadRecipe::because($faults);
    }

    private static function within(int $count, int $most, string $what): ?string
    {
        return $count < 1 || $count > $most ? "From 1 to $most $what." : null;
    }

    /** @return list<CardWay> that each of its papers is of a print of its own is what bounds how many it may have */
    public function ways(): array
    {
        $most = min($this->sheets, FloorPlan::LEAVES);
        $ways = CardWay::all($this->sketches, $this->front, $this->unit, $this->frame, $this->papers, $most);

        return array_values(array_filter($ways, $this->canBeCut(...)));
    }

    private function canBeCut(CardWay $way): bool
    {
        foreach ($way->papers as $laid) {
            if (! $laid->cut->fitsIn($this->sheet, $laid->part->role->mayTurn())) {
                return false;
            }
        }

        return true;
    }

    /** The area of all sheets, exact. */
    public function area(): int
    {
        return $this->sheets * $this->sheet->exactArea();
    }

    /**
     * The most cards there can be, by the area of the leanest designs.
     *
     * @param  list<CardWay>  $ways  the leanest first
     */
    public function bound(array $ways): int
    {
        $left = $this->area();
        $cards = 0;
        foreach ($ways as $way) {
            $many = min($this->alike, intdiv($left, $way->area()));
            $cards += $many;
            $left -= $many * $way->area();
            if ($many < $this->alike) {
                break;
            }
        }

        return $cards;
    }
}
