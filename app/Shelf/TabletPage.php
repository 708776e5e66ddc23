<?php

namespace App\Shelf;

use App\Door\DeviceAccess;
use App\Journal\Journal;
use App\View\Page;

/**
 * Letting another device in to the table.
 *
 * @phpstan-import-type UndoRedo from Journal
 */
final readonly class TabletPage extends Page
{
    /**
     * @param  string|null  $address  at which other devices reach the table; null where it is open to this machine alone
     * @param  string|null  $code  one that has just been made; it is shown once
     * @param  int  $patience  minutes in which a code is to be used
     * @param  int  $closed  minutes in which nobody is let in, after too many wrong codes
     * @param  UndoRedo  $shelf
     */
    private function __construct(
        public ?string $address,
        public ?string $code,
        public int $patience,
        public int $guests,
        public int $closed,
        public array $shelf,
    ) {
    }

    public static function with(?string $code, Journal $journal): self
    {
        $address = config('app.address');
        $door = DeviceAccess::in(config('app.door'));

        return new self(
            is_string($address) && $address !== '' ? $address : null,
            $code,
            intdiv(DeviceAccess::PATIENCE, 60),
            $door->guests(),
            intdiv($door->closedFor() + 59, 60),
            $journal->atHand(null),
        );
    }
}
