<?php

namespace App\ShareOut;

use App\Models\Kit;
use App\Wording\Wording;

/**
 * Many or varied: each line is a possible share-out.
 *
 * @phpstan-type Varied array{says: string, alike: int|null, pictures: bool}
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
                'says' => Wording::plural($one['cards'], 'card').self::how($one['alike'], $one['pictures']),
                'alike' => $one['alike'],
                'pictures' => $one['pictures'],
            ], FindFrontier::found($kit) ?? []),
        ];
    }

    private static function how(?int $alike, bool $pictures): string
    {
        return match (true) {
            $pictures => ', each with a picture',
            $alike === 1 => ', all different',
            $alike !== null => " with at most $alike alike",
            default => ' in all',
        };
    }
}
