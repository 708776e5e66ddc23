<?php

namespace App\Safe;

enum CopyKind: string
{
    case Daily = 'daily';
    case BeforeUpdate = 'before-update';
    case BeforeOpening = 'before-opening';
    case ByHand = 'by-hand';
    case Samples = 'samples';

    /** Whether copies of this kind are counted with those of the other. The samples stay, however many copies follow. */
    public function isCountedWith(self $other): bool
    {
        return $this !== self::Samples && $other !== self::Samples && ($this === self::Daily) === ($other === self::Daily);
    }

    public function says(): string
    {
        return match ($this) {
            self::Daily => 'the first of its day',
            self::BeforeUpdate => 'before the application was brought up to date',
            self::BeforeOpening => 'before another table took its place',
            self::ByHand => 'asked for',
            self::Samples => 'the samples, before you started with your own',
        };
    }
}
