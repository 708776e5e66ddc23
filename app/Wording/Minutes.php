<?php

namespace App\Wording;

/** How long something takes, in words. */
final class Minutes
{
    /** "45 s", "12 min", "2 h 05 min" */
    public static function of(int $seconds): string
    {
        if ($seconds < 60) {
            return "$seconds s";
        }
        $minutes = intdiv($seconds + 30, 60);

        return $minutes < 60 ? "$minutes min" : sprintf('%d h %02d min', intdiv($minutes, 60), $minutes % 60);
    }
}
