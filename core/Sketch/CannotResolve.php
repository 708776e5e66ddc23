<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Refusal;

/** A sketch that does not fit the front it is asked for. It says which part and which of its measures is the reason. */
final class CannotResolve extends Refusal
{
    private function __construct(public readonly string $part, public readonly string $measure, string $message)
    {
        parent::__construct($message);
    }

    public static function tooLarge(Part $part, string $measure, Length $wanted, Length $there, Unit $unit): self
    {
        return new self(
            $part->id,
            $measure,
            sprintf(
                'The %s is %s by its measure "%s", but only %s is there.',
                $part->name,
                $wanted->label($unit),
                $measure,
                $there->label($unit),
            ),
        );
    }

    public static function nothingLeft(Part $part, string $measure, Length $length, Size $of, Unit $unit): self
    {
        return new self(
            $part->id,
            $measure,
            sprintf(
                'Nothing is left of the %s: its measure "%s" is %s, on a part of %s.',
                $part->name,
                $measure,
                $length->label($unit),
                $of->label($unit),
            ),
        );
    }

    public static function overTheEdge(Part $part, string $measure): self
    {
        return new self(
            $part->id,
            $measure,
            sprintf('The %s hangs over the edge of the front. Look at its measure "%s".', $part->name, $measure),
        );
    }

    public static function unknownPart(Part $part, string $of): self
    {
        return new self($part->id, 'of', sprintf('The %s is measured from "%s", which is not there.', $part->name, $of));
    }

    public static function fromItself(Part $part): self
    {
        return new self(
            $part->id,
            'of',
            sprintf(
                'The %s is measured from itself, straight or round about. Measure it from another part.',
                $part->name,
            ),
        );
    }

    public static function notBetween(Part $part): self
    {
        return new self($part->id, 'and', sprintf('The %s is to lie between two parts, but there is no room between them.', $part->name));
    }

    public static function widerThanUnder(int $layer, Length $width, Length $under, Unit $unit): self
    {
        return new self(
            '',
            'width',
            sprintf(
                'Layer %d would be %s wide, wider than what it lies on, %s.',
                $layer,
                $width->label($unit),
                $under->label($unit),
            ),
        );
    }

    public static function layer(int $layer, Length $reveal, Unit $unit): self
    {
        return new self('', 'reveal', sprintf('Nothing is left of layer %d: the reveal of %s eats it.', $layer, $reveal->label($unit)));
    }
}
