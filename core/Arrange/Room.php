<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Role;

/** The places of a front that a group can be measured from. Each is left, top, width and height in whole units. */
final readonly class Room
{
    /**
     * @param  array<string, array{int, int, int, int}>  $places
     * @param  bool  $isLabelled  cardstock is laid under the place of the picture, which stays on it
     */
    private function __construct(public array $places, public Rect $panel, public bool $isLabelled)
    {
    }

    public static function on(Layout $layout): self
    {
        $panel = self::panel($layout);
        $seam = self::seam($layout);
        $places = [
            'front' => self::box(Rect::whole($layout->front)),
            'panel' => self::box($panel),
            'place' => self::box($layout->focal),
            'words' => self::box($layout->sentiment),
        ];

        $isLabelled = array_filter($layout->parts, static fn (Laid $laid): bool => $laid->part->role === Role::Label
            && self::reaches($laid->rect, $layout->focal)) !== [];

        return new self($seam === null ? $places : [...$places, 'seam' => self::box($seam)], $panel, $isLabelled);
    }

    /** Whether an arrangement suits this front: with or without a picture, and with the places it is measured from. */
    public function suits(Arrangement $arrangement, bool $hasPicture, Focus $focus): bool
    {
        return $arrangement->isForPicture() === $hasPicture
            && ($arrangement->family !== Family::OnePiece || $focus === Focus::Piece)
            && (! $hasPicture || ! $this->isLabelled || $arrangement->rootOf(Pieces::FOCAL) === 'place')
            && (! $arrangement->needs('seam') || $this->has('seam'));
    }

    public function has(string $place): bool
    {
        return isset($this->places[$place]);
    }

    /** The panel that carries the picture, if it is at least a quarter of the front. Otherwise the whole front. */
    private static function panel(Layout $layout): Rect
    {
        $all = array_filter($layout->parts, static fn (Laid $laid): bool => $laid->part->role !== Role::Label
            && $laid->part->role !== Role::Mat
            && 4 * $laid->rect->size->exactArea() >= $layout->front->exactArea()
            && self::reaches($laid->rect, $layout->focal));
        $best = null;
        foreach ($all as $laid) {
            // Of two panels on one another the upper one carries the picture, unless it is a small piece.
            $isLarge = $best === null || 2 * $laid->rect->size->exactArea() >= $best->size->exactArea();
            $best = $isLarge ? $laid->rect : $best;
        }

        return $best ?? Rect::whole($layout->front)->inset(Length::ofUnits(Group::RIM));
    }

    /** A strip over a join, or a band across. */
    private static function seam(Layout $layout): ?Rect
    {
        foreach ($layout->parts as $laid) {
            $isLong = 2 * $laid->rect->size->width->units > $layout->front->width->units;
            if ($isLong && $laid->part->role === Role::Strip) {
                return $laid->rect;
            }
        }

        return null;
    }

    private static function reaches(Rect $rect, Rect $place): bool
    {
        $x = $place->x->units + intdiv($place->size->width->units, 2);
        $y = $place->y->units + intdiv($place->size->height->units, 2);

        return $rect->x->units <= $x && $x < $rect->right()->units && $rect->y->units <= $y && $y < $rect->bottom()->units;
    }

    /** @return array{int, int, int, int} */
    private static function box(Rect $rect): array
    {
        return [$rect->x->units, $rect->y->units, $rect->size->width->units, $rect->size->height->units];
    }
}
