<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

/** Every check there is, in the order they are shown. */
final class Checks
{
    /** @return list<Check> */
    public static function all(): array
    {
        return [new FitsTogether, new BusyUnderFocalPoint, new WordsStandOut, new WordsFitOccasion, new SaidTwice, new PictureTwice, new WhitesThatDiffer, new FoamHoldsSteady, new OddGroup, new HeightForEnvelope];
    }

    /** @return list<Finding> */
    public static function look(CardInHand $card): array
    {
        return array_merge([], ...array_map(static fn (Check $check): array => $check->look($card), self::all()));
    }
}
