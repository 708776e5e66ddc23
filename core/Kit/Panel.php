<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * A printed panel, cut-apart or journalling card. Both sides are printed, and it is trimmed or cut in strips like
 * paper.
 */
final readonly class Panel implements PrintedPaper
{
    use Whole;

    private function __construct(private Size $size, private Face $front, private Face $back, public int $onSheet)
    {
    }

    /** @param  int  $onSheet how many of the kit's panels were printed on one sheet to be cut apart; 1 for loose ones */
    public static function of(Size $size, Face $front, Face $back, int $onSheet = 1): self
    {
        return new self($size, $front, $back, $onSheet);
    }

    public function kind(): Kind
    {
        return Kind::Panel;
    }

    public function size(): Size
    {
        return $this->size;
    }

    /** Whether its front is a picture for the focal point, and not a pattern. */
    public function isPicture(): bool
    {
        return $this->front->motif->isPicture() || $this->front->motif->isScene();
    }

    public function faces(): array
    {
        return [$this->front, $this->back];
    }

    public static function read(GoodFields $fields): self
    {
        [$front, $back] = $fields->faces();

        return self::of($fields->size(), $front, $back, max(1, $fields->fields->count('onSheet', 100, 1)));
    }

    public function write(GoodWriter $as): array
    {
        return ['size' => $as->size($this->size), 'faces' => array_map($as::face(...), $this->faces()), 'onSheet' => $this->onSheet];
    }

    public static function inRow(TableRow $row): array
    {
        return ['size' => $row->size(), 'faces' => $row->faces()];
    }

    public static function jotted(Jotting $line): self
    {
        return self::of($line->sizeOr('3', '4', Unit::Inch), ...$line->faces());
    }

    public function extent(): Size
    {
        return $this->size;
    }

    public static function group(): KindGroup
    {
        return KindGroup::Papers;
    }
}
