<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

/** Turning by steps of five degrees, clockwise, with whole numbers only. */
final class Turn
{
    /** Degrees in one step. */
    public const STEP = 5;

    /** The cosine of 0, 5 … 90 degrees, in millionths. */
    private const COSINES = [
        1_000_000, 996_195, 984_808, 965_926, 939_693, 906_308, 866_025, 819_152, 766_044, 707_107,
        642_788, 573_576, 500_000, 422_618, 342_020, 258_819, 173_648, 87_156, 0,
    ];

    private const MILLION = 1_000_000;

    /**
     * A point turned about the origin. Positive is down.
     *
     * @return array{int, int}
     */
    public static function of(int $x, int $y, int $degrees): array
    {
        [$cos, $sin] = [self::cosine($degrees), self::cosine($degrees - 90)];

        return [intdiv($x * $cos - $y * $sin, self::MILLION), intdiv($x * $sin + $y * $cos, self::MILLION)];
    }

    /** Rounded to the nearest step, from -175 to 180. */
    public static function stepped(int $degrees): int
    {
        $steps = intdiv($degrees + ($degrees < 0 ? -2 : 2), self::STEP);
        $turn = ($steps * self::STEP) % 360;

        return match (true) {
            $turn > 180 => $turn - 360,
            $turn <= -180 => $turn + 360,
            default => $turn,
        };
    }

    private static function cosine(int $degrees): int
    {
        $turn = abs($degrees) % 360;
        $turn = $turn > 180 ? 360 - $turn : $turn;

        return $turn > 90 ? -self::COSINES[intdiv(180 - $turn, self::STEP)] : self::COSINES[intdiv($turn, self::STEP)];
    }
}
