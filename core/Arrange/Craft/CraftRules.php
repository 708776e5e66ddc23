<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;

/** Every rule, in the order in which they are shown. */
final class CraftRules
{
    /** @var list<CraftRule>|null */
    private static ?array $all = null;

    /** @return list<CraftRule> */
    public static function all(): array
    {
        return self::$all ??= [
            new WithinFront,
            new WordsClear,
            new FacesClear,
            new PiecesShow,
            new BackingLarger,
            new WordsAcrossPicture,
            new PiecesApart,
            new PiecesStand,
            new FlatAndFoam,
            new OddPictures,
            new LooseTriangle,
            new NearThirds,
        ];
    }

    /**
     * The first broken rule with the piece that breaks it. Null if no rule is broken.
     *
     * @param  bool  $isOpen  pieces may still come
     */
    public static function firstBroken(Group $group, bool $isOpen = false): ?Broken
    {
        foreach (self::all() as $rule) {
            $broken = $isOpen && $rule instanceof OfTheWhole ? null : $rule->broken($group)[0] ?? null;
            if ($broken !== null) {
                return $broken;
            }
        }

        return null;
    }
}
