<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** How a part is cut within its rectangle, with the measures of the cut. */
final readonly class Form
{
    /**
     * @param  array<string, Dim>  $measures
     * @param  array<string, string>  $options
     */
    private function __construct(public FormKind $kind, public array $measures, public array $options)
    {
    }

    /**
     * @param  array<string, Dim>  $measures
     * @param  array<string, string>  $options
     */
    public static function by(FormKind $kind, array $measures = [], array $options = []): self
    {
        return new self($kind, $measures, $options);
    }

    public static function plain(): self
    {
        return self::by(FormKind::Plain);
    }

    public static function round(): self
    {
        return self::by(FormKind::Round);
    }

    public static function rounded(Dim $corner): self
    {
        return self::by(FormKind::Rounded, ['corner' => $corner]);
    }

    /** Corners clipped at the edge with the hole. */
    public static function tag(Edge $edge, Dim $clip): self
    {
        return self::by(FormKind::Tag, ['clip' => $clip], ['edge' => $edge->value]);
    }

    /** A notch cut into one edge. */
    public static function banner(Edge $edge, Dim $tail): self
    {
        return self::by(FormKind::Banner, ['tail' => $tail], ['edge' => $edge->value]);
    }

    public static function scallop(Edge $edge, Dim $bump): self
    {
        return self::by(FormKind::Scallop, ['bump' => $bump], ['edge' => $edge->value]);
    }

    /** An opening with a rim all round. */
    public static function window(Dim $rim, bool $round = false): self
    {
        return self::by(FormKind::Window, ['rim' => $rim], ['opening' => $round ? 'round' : 'square']);
    }

    /** A strip from corner to corner of its rectangle, glued on and trimmed flush with it. */
    public static function diagonal(Dim $band, bool $falls = false): self
    {
        return self::by(FormKind::Diagonal, ['band' => $band], ['runs' => $falls ? 'falling' : 'rising']);
    }

    /** Half of its rectangle, cut from corner to corner, or the quarter at one edge. */
    public static function triangle(string $half): self
    {
        return self::by(FormKind::Triangle, [], ['half' => $half]);
    }

    /** Ray $nth, counted from 0, of the rays from the middle of its rectangle to its edges. */
    public static function ray(int $nth, int $rays): self
    {
        return self::by(FormKind::Ray, [], ['nth' => (string) $nth, 'rays' => (string) $rays]);
    }

    public function with(string $measure, Dim $dim): self
    {
        return new self($this->kind, [...$this->measures, $measure => $dim], $this->options);
    }

    /** @return array<string, Length> */
    public function lengths(Rect $rect, Unit $unit): array
    {
        $lengths = [];
        foreach ($this->kind->measures() as $name => $along) {
            $lengths[$name] = ($this->measures[$name] ?? Dim::none())->of($along->side($rect), $unit);
        }

        return $lengths;
    }

    public function edge(): Edge
    {
        return Edge::tryFrom($this->options['edge'] ?? '') ?? Edge::Bottom;
    }

    /** @throws CannotResolve naming the part and the measure that is too large for it */
    public function outline(Part $part, Rect $rect, Unit $unit): Outline
    {
        $lengths = $this->lengths($rect, $unit);
        $this->refuseTooLarge($part, $rect, $lengths, $unit);

        return Shaping::of($rect, array_map(static fn (Length $length): int => $length->units, $lengths), $this)->outline();
    }

    /**
     * The size that is cut before the part is shaped. It is longer than what is seen if the part is glued on and
     * trimmed flush.
     *
     * A triangle is cut as the whole rectangle, since the other half is a second triangle.
     */
    public function cut(Rect $rect, Outline $outline, Unit $unit): Size
    {
        $trim = $unit === Unit::Inch ? Length::inches(0, 1, 8) : Length::millimetres(3);
        if ($this->kind === FormKind::Diagonal) {
            $long = Shaping::diagonalOf($rect->size) + 2 * $trim->units;

            return Size::of(self::upTo($long, $unit->mark()), $this->lengths($rect, $unit)['band']);
        }
        if ($this->kind !== FormKind::Ray) {
            return $rect->size;
        }
        $xs = array_column($outline->rings[0], 0);
        $ys = array_column($outline->rings[0], 1);

        return Size::of(
            self::upTo(max($xs) - min($xs) + $trim->units, $unit->mark()),
            self::upTo(max($ys) - min($ys) + $trim->units, $unit->mark()),
        );
    }

    /**
     * What is done to the piece after its straight cuts. Empty for a plain one.
     *
     * @param  array<string, Length>  $lengths  its measures
     */
    public function afterwards(Size $cut, array $lengths, Unit $unit): ?string
    {
        $say = static fn (string $measure): string => $lengths[$measure]->label($unit);

        return match ($this->kind) {
            FormKind::Plain => null,
            FormKind::Round => 'cut it round, '.$cut->label($unit).', with a die, a punch or a circle cutter',
            FormKind::Rounded => "round its corners, {$say('corner')}",
            FormKind::Tag => "clip two corners by {$say('clip')} and punch the hole",
            FormKind::Banner => "cut the fishtail, {$say('tail')} deep",
            FormKind::Scallop => "scallop its edge, {$say('bump')} a bump",
            FormKind::Window => 'cut the opening, '
                .Size::ofUnits(
                    $cut->width->units - 2 * $lengths['rim']->units,
                    $cut->height->units - 2 * $lengths['rim']->units,
                )->label($unit)
                .", {$say('rim')} in from its edges",
            FormKind::Diagonal => 'glue it on at an angle and trim it flush',
            FormKind::Triangle => 'cut it from corner to corner',
            FormKind::Ray => 'cut the ray out of it',
        };
    }

    /** @param  array<string, Length>  $lengths */
    private function refuseTooLarge(Part $part, Rect $rect, array $lengths, Unit $unit): void
    {
        foreach ($lengths as $name => $length) {
            $there = Length::ofUnits(intdiv($rect->size->shorter()->units, 2));
            if ($length->isZero()) {
                throw CannotResolve::nothingLeft($part, $name, $length, $rect->size, $unit);
            }
            if ($length->isLongerThan($there) || ($name === 'rim' && $length->equals($there))) {
                throw CannotResolve::tooLarge($part, $name, $length, $there, $unit);
            }
        }
    }

    private static function upTo(int $units, Length $mark): Length
    {
        return Length::ofUnits(intdiv($units + $mark->units - 1, $mark->units) * $mark->units);
    }
}
