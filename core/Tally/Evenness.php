<?php

declare(strict_types=1);

namespace KeepShare\Core\Tally;

/** Whether a kit was used evenly, or one kind of thing was left while another ran out. */
final class Evenness
{
    /** Shares closer than this, in per cent, count as even. */
    private const EVEN = 25;

    /**
     * @param  array<string, int>  $shares  how much is used, in per cent, by group
     * @return string "Most is left of die cuts (40 % used), least of papers (92 %)."; empty where there are no two groups
     */
    public static function says(array $shares): string
    {
        if (count($shares) < 2) {
            return '';
        }
        asort($shares);
        [$least, $most] = [reset($shares), end($shares)];
        if ($most - $least < self::EVEN) {
            return "Everything went about evenly: $least to $most % of each kind.";
        }
        $names = array_keys($shares);

        return 'Most is left of '.lcfirst($names[0])." ($least % used), least of ".lcfirst($names[count($names) - 1])." ($most %).";
    }
}
