<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Need;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Sketch\Layout;

/** Every part a card can have beside those of its sketch and its fold. */
final class Accessories
{
    /** @var list<Accessory>|null */
    private static ?array $all = null;

    /** @var array<string, Accessory>|null */
    private static ?array $byId = null;

    /** @return list<Accessory> in the order they are shown; what is seen on the front from the bottom up */
    public static function all(): array
    {
        return self::$all ??= [
            new BowPart,
            ...PiecePart::all(),
            new BackingDiePart,
            new FocalPart,
            new DiePart,
            new GroupPart,
            new LabelPart,
            new WordsPart,
            new FoamPart,
            new BasePart,
            new EnvelopePart,
            new InsidePart,
            new MendPart,
        ];
    }

    public static function find(string $id): ?Accessory
    {
        self::$byId ??= array_combine(array_map(static fn (Accessory $part): string => $part->id(), self::all()), self::all());

        return self::$byId[$id] ?? null;
    }

    /** @return list<Accessory> those no card does without */
    public static function needed(): array
    {
        return array_values(array_filter(self::all(), static fn (Accessory $part): bool => $part->need() !== null));
    }

    /** @return list<Accessory> those that a sketch keeps a place for: what is stuck on it */
    public static function placed(Layout $layout): array
    {
        return array_values(array_filter(self::all(), static fn (Accessory $part): bool => $part->place($layout) !== null));
    }

    public static function of(Need $need): ?Accessory
    {
        foreach (self::all() as $part) {
            if ($part->need() === $need) {
                return $part;
            }
        }

        return null;
    }

    /** Whether a ready-made thing can be that part. */
    public static function isFilledBy(string $id, Component $component): bool
    {
        return self::find($id)?->isFilledBy($component) === true;
    }

    /** Whether a part of this name is reserved, so that no part of a sketch may have it. */
    public static function isTaken(string $id): bool
    {
        return $id === 'front' || FoldPart::isOne($id) || self::find($id) !== null;
    }
}
