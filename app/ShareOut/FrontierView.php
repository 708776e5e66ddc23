<?php

namespace App\ShareOut;

use App\Models\Kit;
use App\Wording\Wording;
use KeepShare\Core\Sketch\Least;

/**
 * Many or rich, many or varied: each line is a possible share-out.
 *
 * @phpstan-type Varied array{
 *     says: string,
 *     proof: string, // what is known of how many there can be
 *     alike: int|null,
 *     least: string,
 * }
 * @phpstan-type FoundFrontier array{isLooking: bool, choices: list<Varied>}
 */
final class FrontierView
{
    /** @return FoundFrontier */
    public static function of(Kit $kit): array
    {
        return [
            'isLooking' => FindFrontier::search($kit)->isUnderWay(),
            'choices' => array_map(static fn (array $one): array => [
                'says' => Wording::plural($one['cards'], 'card').self::how(Least::from($one['least']), $one['alike']),
                'proof' => $one['most'] > $one['cards'] ? "At most {$one['most']} of these." : 'No more of these.',
                'alike' => $one['alike'],
                'least' => $one['least'],
            ], FindFrontier::found($kit) ?? []),
        ];
    }

    private static function how(Least $least, ?int $alike): string
    {
        return match (true) {
            $alike === 1 => ', all different',
            $alike !== null => " with at most $alike alike",
            $least === Least::Words => ' in all',
            default => ", each with {$least->says()}",
        };
    }
}
