<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

/** A focal point does not show on a busy paper: it needs a calm mat, panel or label first. */
final class BusyUnderFocalPoint implements Check
{
    public function key(): string
    {
        return 'busy-under-focal-point';
    }

    public function look(CardInHand $card): array
    {
        $focal = $card->layer('focal');
        $under = $focal === null ? null : $card->faceUnder($focal);

        return $under?->busy === true
            ? [Finding::of($this->key(), "The focal point lies on {$under->name}, which is busy: it will not stand out.", 'Put a calm mat or label between, or turn the paper over.')]
            : [];
    }
}
