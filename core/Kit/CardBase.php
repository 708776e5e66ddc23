<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Size;

/** A scored card base. $front is the size of the folded front. */
final readonly class CardBase implements Good
{
    use Whole;

    private function __construct(public Size $front, public FoldEdge $fold, public Colour $colour, public ?Face $printed)
    {
    }

    /** @param  Face|null  $printed the print of the front, where it has one */
    public static function of(Size $front, FoldEdge $fold, Colour $colour, ?Face $printed = null): self
    {
        return new self($front, $fold, $colour, $printed);
    }

    public function kind(): Kind
    {
        return Kind::Base;
    }

    /** Whether dark ink shows on its front. */
    public function showsInk(): bool
    {
        return $this->printed?->showsInk() ?? $this->colour->isLight();
    }

    public static function read(GoodFields $fields): self
    {
        return self::of(
            $fields->size('front'),
            $fields->fields->choice('fold', FoldEdge::class, FoldEdge::Side),
            $fields->fields->colour('colour'),
            $fields->has('printed') ? $fields::face($fields->fields->object('printed')) : null,
        );
    }

    public function write(GoodWriter $as): array
    {
        return [
            'front' => $as->size($this->front),
            'fold' => $this->fold->value,
            'colour' => $this->colour->hex,
            ...($this->printed === null ? [] : ['printed' => $as::face($this->printed)]),
        ];
    }

    public static function inRow(TableRow $row): array
    {
        return ['front' => $row->size(), 'colour' => $row->colour('#ffffff')];
    }

    public static function jotted(Jotting $line): self
    {
        [$front, $fold] = self::folded($line->size ?? $line->front, $line->front);

        $isTop = preg_match('/\btop[ -]?fold/i', $line->name) === 1;

        return self::of($front, $isTop ? FoldEdge::Top : $fold, $line->colour('#ffffff'));
    }

    /**
     * Packing lists call a base that folds to 4 1/4 x 5 1/2 "8.5 x 5.5, scored". Twice the front of the kit is the
     * front unfolded.
     *
     * @return array{Size, FoldEdge}
     */
    private static function folded(Size $said, Size $front): array
    {
        return match (true) {
            $said->matches(Size::of($front->width->times(2), $front->height)) => [$front, FoldEdge::Side],
            $said->matches(Size::of($front->width, $front->height->times(2))) => [$front, FoldEdge::Top],
            default => [$said, FoldEdge::Side],
        };
    }

    public function extent(): Size
    {
        return $this->front;
    }

    public function colours(): array
    {
        return [$this->colour];
    }

    public static function group(): KindGroup
    {
        return KindGroup::Bases;
    }
}
