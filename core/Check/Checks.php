<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Arrange\Craft\CraftRules;

/** Every check, in the order in which they are shown. */
final class Checks
{
    /** @return list<Check> */
    public static function all(): array
    {
        return [
            new FitsTogether,
            new Overhangs,
            new RevealsUnequal,
            new WrongWayUp,
            new BusyUnderFocalPoint,
            new WordsStandOut,
            new WordsFitPlace,
            new WordsFitOccasion,
            new SaidTwice,
            new PictureTwice,
            new WhitesThatDiffer,
            new VellumShowsGlue,
            new ThinPaperLifted,
            new AcrossTwoHeights,
            new FoamHoldsSteady,
            new FoamInWindow,
            new GluedShut,
            new ShakerNeedsWindow,
            new StripTooShort,
            new StampBeforeLift,
            new OddGroup,
            new OtherThanDrawn,
            new HeightForEnvelope,
            new EnvelopeToBuy,
            ...array_map(OfCraft::by(...), CraftRules::all()),
            new GroupClosedUp,
            new TrimmingsMatch,
            new SameGroupTwice,
            new ToolsAtHand,
            new TreatmentTools,
        ];
    }

    /** @return list<Check> those that look at the other cards too */
    public static function amongCards(): array
    {
        return [new SaidTwice, new PictureTwice, new SameGroupTwice];
    }

    /** @return list<Finding> */
    public static function look(CardInHand $card): array
    {
        return array_merge([], ...array_map(static fn (Check $check): array => $check->look($card), self::all()));
    }
}
