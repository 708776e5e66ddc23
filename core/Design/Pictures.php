<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Panel;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/**
 * The possible focal points of a card: printed pieces and panels. If there are none, what is cut or stamped on a scrap.
 */
final readonly class Pictures
{
    private function __construct(
        private Table $table,
        private RemainingStock $remains,
        private Supplies $supplies,
        private Variety $variety,
    ) {
    }

    public static function of(Table $table, RemainingStock $remains, Supplies $supplies, Variety $variety): self
    {
        return new self($table, $remains, $supplies, $variety);
    }

    /**
     * The pictures that fit their place. If none is left, what a die cuts or a stamp prints on a scrap.
     *
     * @return list<Picture>
     */
    public function on(Layout $layout, Focus $focus): array
    {
        $pictures = [];
        $isOnePiece = $focus === Focus::Piece;
        foreach ($this->supplies->focalPoints() as $component) {
            $printed = $component->good instanceof Applied ? $component->good->printed() : null;
            if ($printed !== null && $printed->size->fitsIn($layout->focal->size) && (! $isOnePiece || $printed->isFront())) {
                $pictures[] = Picture::printed(
                    $component,
                    $printed,
                    self::fills($printed->size, $layout)
                        - 16 * $this->variety->ofComponent($component->id)
                        - $this->table->stashCost($component->id)
                        + $this->table->wishes->useOf($component->id)->worth(),
                );
            }
        }

        if ($isOnePiece) {
            return $pictures;
        }
        $pictures = [...$pictures, ...$this->panels($layout)];

        return $pictures === [] ? $this->fromScraps($layout) : $pictures;
    }

    /** @return list<Picture> printed panels with a picture, cut down to the place where they are larger */
    private function panels(Layout $layout): array
    {
        $pictures = [];
        foreach ($this->supplies->papers() as $surface) {
            $panel = $this->table->components[$surface->component]->good;
            $size = $surface->index === 0 && $panel instanceof Panel && $panel->isPicture()
                    ? Picture::ofPanel($panel->size(), $layout->focal->size, $this->table->unit)
                    : null;
            if (
                $size !== null
                && $this->remains->mayYield($surface->component, $size, ! $surface->face->directional)
            ) {
                $pictures[] = Picture::printedOn($size, $surface, $this->likingOf($size, $surface, $layout));
            }
        }

        return $pictures;
    }

    private function likingOf(Size $size, Surface $surface, Layout $layout): int
    {
        return self::fills($size, $layout)
            - 16 * $this->variety->ofSurface($surface)
            - $this->table->stashCost($surface->component)
            - ($this->supplies->makesBases($surface) ? 40 : 0)
            + $this->table->wishes->useOf($surface->component)->worth();
    }

    /** @return list<Picture> */
    private function fromScraps(Layout $layout): array
    {
        $pictures = [];
        foreach ($this->supplies->dies() as $die) {
            $size = $die->good instanceof Tool ? $die->good->makes : null;
            if ($size === null || ! $size->fitsIn($layout->focal->size)) {
                continue;
            }
            foreach ([...$this->supplies->papers(), ...$this->supplies->cardstocks()] as $surface) {
                if ($this->remains->mayYield($surface->component, $size, ! $surface->face->directional)) {
                    $pictures[] = Picture::cut($die, $size, $surface, $this->likingOf($size, $surface, $layout));
                }
            }
        }

        foreach ($this->supplies->pictureStamps() as $stamp) {
            $size = $stamp->good instanceof Stamp ? $stamp->good->label($this->table->unit) : null;
            if ($size === null || ! $size->fitsIn($layout->focal->size)) {
                continue;
            }
            foreach ($this->supplies->labelStocks() as $surface) {
                if ($surface->face->ground()->isLight() && $this->remains->mayYield($surface->component, $size, true)) {
                    $pictures[] = Picture::cut($stamp, $size, $surface, $this->likingOf($size, $surface, $layout));
                }
            }
        }

        $size = Motif::cutOut($this->table->unit);
        foreach ($size->fitsIn($layout->focal->size) ? $this->supplies->papers() : [] as $surface) {
            if ($surface->face->motif->isPicture() && $this->remains->mayYield($surface->component, $size, ! $surface->face->directional)) {
                $pictures[] = Picture::printedOn($size, $surface, $this->likingOf($size, $surface, $layout));
            }
        }

        return $pictures;
    }

    /** A picture that fills half its place looks intended. A tiny one looks lost. */
    private static function fills(Size $size, Layout $layout): int
    {
        return min(10, intdiv(20 * $size->longer()->units, $layout->focal->size->longer()->units));
    }

    /**
     * @param  list<Picture>  $pictures
     * @return array{Picture|null, int} the picture that stands out best, and how well
     */
    public static function likeliest(array $pictures, Layout $layout, Surfaces $fill): array
    {
        $under = $layout->under($layout->focal);
        $surface = $under === null ? null : $fill->surfaces[$under->part->id] ?? null;
        $best = [null, 0];
        foreach ($pictures as $picture) {
            $liking = $picture->liking;
            if ($surface !== null) {
                $apart = $picture->colour->differenceFrom($surface->face->ground());
                $liking += ($apart > 25 ? 12 : ($apart < 12 ? -12 : 0)) - ($surface->face->busy ? 30 : 0);
            }
            if ($best[0] === null || $liking > $best[1]) {
                $best = [$picture, $liking];
            }
        }

        return $best;
    }
}
