<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** Plain stock for mats, labels and, when heavy, card bases. */
final readonly class Cardstock implements SheetGood
{
    use Whole;

    private function __construct(
        private Size $size,
        public Colour $front,
        public Colour $back,
        public Finish $finish,
        public Weight $weight,
    ) {
    }

    public static function of(
        Size $size,
        Colour $front,
        ?Colour $back = null,
        Finish $finish = Finish::Plain,
        Weight $weight = Weight::Medium,
    ): self {
        return new self($size, $front, $back ?? $front, $finish, $weight);
    }

    public function kind(): Kind
    {
        return Kind::Cardstock;
    }

    public function size(): Size
    {
        return $this->size;
    }

    public function faces(): array
    {
        $front = Face::plain('front', $this->front, $this->shines());

        return $this->front->hex === $this->back->hex ? [$front] : [$front, Face::plain('back', $this->back)];
    }

    public function shines(): bool
    {
        return $this->finish === Finish::Mirror || $this->finish === Finish::Glitter;
    }

    /** Whether it is stiff and plain enough to be folded into a card. */
    public function makesBases(): bool
    {
        return $this->weight === Weight::Heavy && $this->finish === Finish::Plain;
    }

    /** Whether it takes ink, so that a stamped label can be cut from it. */
    public function takesInk(): bool
    {
        return $this->finish === Finish::Plain || $this->finish === Finish::Watercolour;
    }

    /** Whether it takes ink, and dark ink shows on its front. */
    public function showsInk(): bool
    {
        return $this->takesInk() && $this->front->isLight();
    }

    /** Whether it lies flat and hides what is under it, as a mat must. */
    public function makesMats(): bool
    {
        return $this->finish !== Finish::Vellum && $this->finish !== Finish::Acetate;
    }

    public static function read(GoodFields $fields): self
    {
        return self::of(
            $fields->size(),
            $fields->fields->colour('colour'),
            $fields->has('back') ? $fields->fields->colour('back') : null,
            $fields->fields->choice('finish', Finish::class, Finish::Plain),
            $fields->fields->choice('weight', Weight::class, Weight::Medium),
        );
    }

    public function write(GoodWriter $as): array
    {
        return [
            'size' => $as->size($this->size),
            'colour' => $this->front->hex,
            'back' => $this->back->hex,
            'finish' => $this->finish->value,
            'weight' => $this->weight->value,
        ];
    }

    public static function inRow(TableRow $row): array
    {
        return [
            'size' => $row->size(),
            'colour' => $row->colour(),
            'back' => $row->cell('back'),
            'finish' => $row->cell('finish'),
            'weight' => $row->cell('weight'),
        ];
    }

    public static function jotted(Jotting $line): self
    {
        return self::of(
            $line->unit === Unit::Inch ? $line->sizeOr('8 1/2', '11', Unit::Inch) : $line->sizeOr('210', '297', Unit::Millimetre),
            $line->colour(),
            $line->colours[1] ?? null,
            Finish::tryFrom($line->word) ?? $line->finish ?? Finish::Plain,
            $line->weight ?? Weight::Medium,
        );
    }

    public function extent(): Size
    {
        return $this->size;
    }

    public static function group(): KindGroup
    {
        return KindGroup::Cardstock;
    }
}
