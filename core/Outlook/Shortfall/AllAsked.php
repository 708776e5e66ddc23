<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

/** The wishes that are asked for in numbers. What a share-out may not go beyond (never, the stash, the trimmer) is never missed. */
final class AllAsked
{
    /** @return list<Asked> */
    public static function kinds(): array
    {
        return [
            new OccasionsAsked,
            new FoldsAsked,
            new DesignsAsked,
            new SetsAsked,
            new InsidesAsked,
            new UsedUpAsked,
            new SavedAsked,
        ];
    }

    /** @return list<Shortfall> */
    public static function of(Finished $out): array
    {
        return array_merge(...array_map(static fn (Asked $one): array => $one->look($out), self::kinds()));
    }
}
