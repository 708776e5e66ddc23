<?php

namespace Tools\Bench;

use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\KitFile;

/** A large kit: a pad of forty sheets, one hundred and fifty components, enough of everything for two dozen cards. */
final class PadKit
{
    private const COMPONENTS = 150;

    private const DESIGNS = 20;

    /** The components of another kit, repeated as often as needed, each with its own name and words. */
    public static function like(string $json): Kit
    {
        /** @var array{name: string, components: list<array<string, mixed>>} $kit */
        $kit = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        $components = [];
        $designs = 0;
        for ($round = 0; count($components) < self::COMPONENTS; $round++) {
            foreach ($kit['components'] as $component) {
                $kind = $component['kind'];
                if (
                    count($components) === self::COMPONENTS
                    || ($kind === 'paper' && $designs === self::DESIGNS)
                    || ($round > 0 && in_array($kind, ['base', 'envelope', 'tool'], true))
                ) {
                    continue;
                }
                $designs += $kind === 'paper' ? 1 : 0;
                $components[] = [
                    ...$component,
                    ...self::again($component, $round),
                    ...(in_array($kind, ['base', 'envelope'], true) ? ['count' => 24] : []),
                ];
            }
        }

        return KitFile::read(json_encode([...$kit, 'name' => 'Forty sheets', 'components' => $components], JSON_THROW_ON_ERROR));
    }

    /**
     * @param  array<string, mixed>  $component
     * @return array<string, mixed>
     */
    private static function again(array $component, int $round): array
    {
        if ($round === 0) {
            return [];
        }

        return array_map(
            static fn (mixed $text): string => (is_string($text) ? $text : '')." $round",
            array_intersect_key($component, ['name' => 1, 'words' => 1]),
        ) + ['id' => (is_string($component['id']) ? $component['id'] : '')."-$round"];
    }
}
