<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** Letter post has its limits, and they differ by country: the maker is asked to look, not told. */
final class HeightForEnvelope implements Check
{
    public function key(): string
    {
        return 'height-for-envelope';
    }

    public function look(CardInHand $card): array
    {
        $height = Thickness::of($card);

        return $height->isLongerThan(Length::millimetres(5))
            ? [Finding::hint($this->key(), 'The card is about '.$height->label(Unit::Millimetre).' thick.', 'Does your letter post take it? Ask locally; a padded envelope or a box may be needed.')]
            : [];
    }
}
