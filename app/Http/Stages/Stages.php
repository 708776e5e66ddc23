<?php

namespace App\Http\Stages;

/** The stages in the order of the work. */
final class Stages
{
    private const ALL = [
        UnpackStage::class,
        PairStage::class,
        ShareOutStage::class,
        CutStage::class,
        MakeStage::class,
        KeepStage::class,
        TallyStage::class,
    ];

    /** @return list<Stage> */
    public static function all(): array
    {
        return array_map(static fn (string $stage): Stage => app($stage), self::ALL);
    }
}
