<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

/** The wishes that may fall short. Limits (never use, the stash, the trimmer) are always kept. */
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
