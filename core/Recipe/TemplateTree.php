<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe;

use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\Node;
use KeepShare\Core\Cut\Split;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Fields;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Unit;

/**
 * The cuts of one sheet as a recipe file has them. A cut goes "down" or "across", "at" a distance from the left or the
 * top, and has a "first" and a "second" part. A part is cut again, is a "piece", or is not used.
 */
final class TemplateTree
{
    /** Cuts that follow one another within one part. */
    private const DEEPEST = 64;

    /** @return array<string, mixed> */
    public static function write(Node $node, Unit $unit): array
    {
        if ($node instanceof Split) {
            return [
                'cut' => $node->direction->value,
                'at' => $node->at->exact($unit),
                'first' => self::write($node->first, $unit),
                'second' => self::write($node->second, $unit),
            ];
        }
        if (! $node instanceof Leaf || $node->piece === null) {
            return ['scrap' => true];
        }

        return ['piece' => $node->piece, ...($node->turned ? ['turned' => true] : [])];
    }

    /** @throws BadKit with the place and the reason */
    public static function read(Fields $fields, Rect $rect, int $depth = 0): Node
    {
        if (! $fields->has('cut')) {
            $isScrap = $fields->has('scrap') && $fields->flag('scrap');
            $piece = $isScrap ? null : $fields->text('piece');
            $isTurned = $fields->flag('turned');
            $fields->nothingElse();

            return $piece === null ? Leaf::offcut($rect) : Leaf::piece($rect, $piece, $isTurned);
        }
        $direction = $fields->choice('cut', Direction::class);
        $at = $fields->length('at');
        $side = $direction === Direction::Down ? $rect->size->width : $rect->size->height;
        if ($at->isZero() || ! $side->isLongerThan($at)) {
            throw BadKit::at($fields->place('at'), 'does not cut the part in two.');
        }
        if ($depth > self::DEEPEST) {
            throw BadKit::at($fields->place('cut'), sprintf('there are more than %d cuts in one part.', self::DEEPEST));
        }
        [$one, $two] = Split::halves($rect, $direction, $at);
        $first = self::read($fields->object('first'), $one, $depth + 1);
        $second = self::read($fields->object('second'), $two, $depth + 1);
        $fields->nothingElse();

        return Split::of($rect, $direction, $at, $first, $second);
    }
}
