<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KindGroup;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\SheetGood;

/** What a line did not say and was assumed, so that the maker can check it: sizes, shapes, colours, words. */
final class Guesses
{
    public const SIZE = 'the usual size';

    public const ONE_EACH = 'one of each';

    public const SQUARE = 'as wide as high';

    public const COLOUR = 'no colour said';

    public const LENGTH = 'the usual length';

    /** Kinds that come several to a sheet. */
    private const ON_SHEETS = [Kind::Sticker, Kind::DieCut, Kind::Foam, Kind::Panel];

    /** The colour of things whose colour is not said. */
    private const NO_COLOUR = '#d8d5cc';

    /**
     * @param  bool  $hasSize  the line says a size
     * @param  bool  $isSheet  the line says sheets of it, and not how many are on one
     * @return list<string> SIZE, "no shape that is known" …
     */
    public static function of(Component $component, bool $hasSize, bool $isSheet): array
    {
        $good = $component->good;
        $printed = $good instanceof Applied ? $good->printed() : null;
        $words = $component->words();
        $isPicture = $printed !== null && $printed->words === null && $printed->serves === Serves::Image;
        // Bases and envelopes fit the front of the kit.
        $isForFront = $good::group() === KindGroup::Bases;

        return array_keys(array_filter([
            self::SIZE => ! $hasSize && ! $isForFront && $good->extent() !== null,
            'a whole sheet as one' => $isSheet && in_array($component->kind(), self::ON_SHEETS, true),
            'no shape that is known' => $isPicture && $printed->shape === Shape::Plain,
            self::COLOUR => self::isColourless($component),
            'words for any occasion' => $words !== null && $words->isForAny(),
        ]));
    }

    private static function isColourless(Component $component): bool
    {
        $good = $component->good;

        return $good instanceof SheetGood && $good->faces()[0]->ground()->hex === self::NO_COLOUR;
    }
}
