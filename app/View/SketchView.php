<?php

namespace App\View;

use App\Drawing\OutlinePath;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\FormKind;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Outline;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Visibility;

/**
 * A sketch on a front without papers: its drawing, and its parts line by line.
 *
 * @phpstan-import-type Extent from GoodView
 *
 * @phpstan-type RolePath array{d: string, role: string}
 * @phpstan-type DrawnSketch array{
 *     key: string,
 *     name: string,
 *     minutes: int,
 *     front: Extent,
 *     fault: string|null,
 *     parts: list<RolePath>,
 *     places: list<RolePath>,
 * }
 * @phpstan-type SketchLine array{
 *     name: string,
 *     from: string,
 *     wants: string,
 *     turns: bool,
 *     form: string|null,
 *     size: string,
 *     reveals: string,
 *     shown: int,
 *     height: string|null,
 *     spare: string|null,
 * }
 */
final readonly class SketchView
{
    /** A height below a millimetre counts as flat. */
    private const FLAT = 8_000;

    /**
     * @param  DrawnSketch  $drawn
     * @param  Layout|null  $layout  null where it does not lie on the front
     */
    private function __construct(public array $drawn, private ?Layout $layout, private Unit $unit)
    {
    }

    public static function of(Sketch $sketch, Size $front, Unit $unit, ?Length $frame = null): self
    {
        try {
            $layout = $sketch->resolve($front, $unit, $frame);
        } catch (CannotResolve $why) {
            return new self(self::drawing($sketch, $front, $why->getMessage(), [], []), null, $unit);
        }
        $parts = array_map(
            static fn (Laid $laid): array => self::path($laid->outline, $laid->part->role->value),
            $layout->parts,
        );
        $places = [
            self::path(Outline::rect($layout->focal), 'focal'),
            self::path(Outline::rect($layout->sentiment), 'sentiment'),
        ];

        return new self(self::drawing($sketch, $front, null, $parts, $places), $layout, $unit);
    }

    /** @return list<SketchLine> from the base up */
    public function lines(): array
    {
        if ($this->layout === null) {
            return [];
        }
        $visibility = Visibility::of($this->layout);

        return array_map(fn (Laid $laid): array => $this->line($laid, $visibility, $this->layout), $this->layout->parts);
    }

    public function inside(): ?string
    {
        return $this->layout?->inside->label($this->unit);
    }

    /** "1/8 all round", each side where they differ, or that it is flush. */
    public static function reveals(Layout $layout, Laid $laid, Unit $unit): string
    {
        $reveals = array_map(static fn (Length $reveal): string => $reveal->format($unit), $layout->reveals($laid));
        if (array_unique(array_values($reveals)) === ['0']) {
            return 'flush with what it lies on';
        }
        if (count(array_unique($reveals)) === 1) {
            return "{$reveals['left']} all round";
        }

        return "left {$reveals['left']}, top {$reveals['top']}, right {$reveals['right']}, bottom {$reveals['bottom']}";
    }

    /** @return SketchLine */
    private function line(Laid $laid, Visibility $visibility, Layout $layout): array
    {
        $part = $laid->part;

        return [
            'name' => $part->name,
            'from' => $part->role->isPaper() ? 'patterned paper' : 'cardstock',
            'wants' => $part->role->wants(),
            'turns' => $part->role->mayTurn() && ! $part->form->kind->isAslant(),
            'form' => $part->form->kind === FormKind::Plain ? null : $part->form->kind->says(),
            'size' => $laid->cut->format($this->unit),
            'reveals' => self::reveals($layout, $laid, $this->unit),
            'shown' => $visibility->shownPercent($part->id),
            'height' => $laid->height->units < self::FLAT ? null : $laid->height->label(Unit::Millimetre),
            'spare' => $visibility->spareOf($part->id)?->label($this->unit),
        ];
    }

    /**
     * @param  list<RolePath>  $parts
     * @param  list<RolePath>  $places
     * @return DrawnSketch
     */
    private static function drawing(Sketch $sketch, Size $front, ?string $fault, array $parts, array $places): array
    {
        return [
            'key' => $sketch->key,
            'name' => $sketch->name,
            'minutes' => $sketch->minutes,
            'front' => GoodView::size($front),
            'fault' => $fault,
            'parts' => $parts,
            'places' => $places,
        ];
    }

    /** @return RolePath */
    private static function path(Outline $outline, string $role): array
    {
        return ['d' => OutlinePath::of($outline), 'role' => $role];
    }
}
