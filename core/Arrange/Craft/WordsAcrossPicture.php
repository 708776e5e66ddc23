<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Hidden;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Kit\Shape;

/** Words that lie over a picture must cross its lower third and leave its middle visible. */
final class WordsAcrossPicture implements CraftRule
{
    public function key(): string
    {
        return 'words-across-picture';
    }

    public function broken(Group $group): array
    {
        $broken = [];
        foreach ($group->pieces as $part => $words) {
            if (! $words->stand->stands->areWords() || $words->stand->isInk) {
                continue;
            }
            foreach ($words->under as $under) {
                $picture = $group->piece($under);
                if ($picture !== null && $picture->stand->stands->isPicture() && self::crosses($words, $picture)) {
                    $name = lcfirst($picture->stand->name);
                    $broken[] = Broken::by(
                        $part,
                        "The words cross the middle of the $name.",
                        'Let them cross its lower third, or lie clear of it.',
                        Remedy::home('Put the words back', $part),
                        Remedy::home("Put the $name back", $under),
                    );
                }
            }
        }

        return $broken;
    }

    /**
     * Words may not cross the middle of a picture, or cover much of a picture that has no lower part. Tags and labels
     * are there to be written on, so they are exempt.
     */
    private static function crosses(Placed $words, Placed $picture): bool
    {
        if (in_array($picture->stand->shape, [Shape::Tag, Shape::Label, Shape::Banner], true)) {
            return false;
        }
        $isOverMiddle = $words->bounds[1] < $picture->y && $picture->y < $words->bounds[3];
        $isAbove = $words->bounds[3] <= $picture->y;

        return $isOverMiddle || ($isAbove && Hidden::percent($picture, [$words]) > 8);
    }
}
