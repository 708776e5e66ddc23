<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\CutLine;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Slug;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * What a piece on a photograph is, in a few words: "robin", "sticker cake", "many thanks" in quotation marks. Size,
 * colours and outline come from the photograph. Without words it is a picture.
 */
final class SeenPiece
{
    private const QUOTED = '/["“”„«»]/u';

    /**
     * @param  string  $number  by which it is called while it has no name
     * @param  non-empty-list<Colour>  $colours
     * @param  list<string>  $taken  ids that are used already
     *
     * @throws BadLine saying which word is wrong
     */
    public static function read(
        string $said,
        string $number,
        Size $size,
        array $colours,
        CutLine $outline,
        int $count,
        Unit $unit,
        Size $front,
        array $taken,
    ): Component {
        $said = trim($said);
        $mark = $unit === Unit::Inch ? 'in' : 'mm';
        if ($said === '') {
            $id = Slug::unique($number, $taken);
            $printed = Printed::of($size, Serves::Image, Shape::Plain, $colours)->cutAlong($outline);

            return Component::of($id, $number, DieCut::of($printed), $count)->guessed('taken as a picture');
        }
        // Another kind would need measures of its own, and its refusal would speak of those.
        if (! self::isApplied($said)) {
            throw self::noPiece($said);
        }
        $measures = "{$size->width->exact($unit)} $mark x {$size->height->exact($unit)} $mark x$count";
        $components = LineParser::parse(self::named($said)." $measures", $unit, $front, $taken);
        $component = $components[0];
        $good = $component->good;
        if (count($components) > 1 || ! $good instanceof Applied) {
            throw self::noPiece($said);
        }
        $seen = $good->as($good->printed()->photographed($size, $colours, $outline));

        return Component::of($component->id, $component->name, $seen, $count);
    }

    /** It names no kind, or one that is stuck on as a whole. */
    private static function isApplied(string $said): bool
    {
        $kind = FindKind::named($said)?->phrase->kind;

        return $kind === null || is_subclass_of($kind->good(), Applied::class);
    }

    private static function noPiece(string $said): BadLine
    {
        return BadLine::at(0, mb_strlen($said), 'What is cut out of a photograph is a die cut, a sticker or a layered picture.');
    }

    private static function named(string $said): string
    {
        return match (true) {
            FindKind::named($said) !== null => $said,
            preg_match(self::QUOTED, $said) === 1 => "sentiment $said",
            default => "die cut $said",
        };
    }
}
