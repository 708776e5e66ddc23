<?php

declare(strict_types=1);

namespace KeepShare\Core\Giving;

use DateTimeImmutable;
use KeepShare\Core\Kit\Occasion;

/** A day that comes, and when its card must be on its way. */
final readonly class Coming
{
    /**
     * @param  int  $id  of the day
     * @param  string  $who  whose day it is
     * @param  DateTimeImmutable  $sendBy  so many days of post before it
     * @param  bool  $hasCard  one is meant for it
     */
    private function __construct(
        public int $id,
        public string $who,
        public Occasion $occasion,
        public DateTimeImmutable $on,
        public DateTimeImmutable $sendBy,
        public bool $hasCard,
    ) {
    }

    /** @param  int  $postDays  how long the post takes */
    public static function on(int $id, string $who, Occasion $occasion, DateTimeImmutable $on, int $postDays, bool $hasCard): self
    {
        return new self($id, $who, $occasion, $on, $on->modify("-$postDays days"), $hasCard);
    }

    /** "send by Tue 1 Dec", "send today", "late: it should have gone on Tue 1 Dec" */
    public function sendSays(DateTimeImmutable $today): string
    {
        $by = $this->sendBy->format('D j M');

        return match (true) {
            $this->sendBy->format('Y-m-d') === $today->format('Y-m-d') => 'send it today',
            $this->sendBy < $today => "late: it should have gone on $by",
            default => "send by $by",
        };
    }
}
