<?php

declare(strict_types=1);

namespace KeepShare\Core\Giving;

use DateTimeImmutable;

/** A day on which somebody is given a card: every year, or once. */
final readonly class DayOfYear
{
    /** A leap year, which has every possible day. */
    private const LEAP_YEAR = 2028;

    private function __construct(public int $month, public int $day, public ?int $year)
    {
    }

    /**
     * @param  int|null  $year  the year it is in; null where it comes every year
     *
     * @throws BadDay
     */
    public static function of(int $month, int $day, ?int $year = null): self
    {
        return checkdate($month, $day, $year ?? self::LEAP_YEAR) ? new self($month, $day, $year) : throw BadDay::isNone($month, $day);
    }

    /** Its next date, today included. Null if it is over. The 29th of February falls on the 28th in other years. */
    public function nextFrom(DateTimeImmutable $from): ?DateTimeImmutable
    {
        $from = $from->setTime(0, 0);
        if ($this->year !== null) {
            $on = $this->in($this->year, $from);

            return $on < $from ? null : $on;
        }
        $year = (int) $from->format('Y');
        $on = $this->in($year, $from);

        return $on < $from ? $this->in($year + 1, $from) : $on;
    }

    /** "3 December, every year" or "3 December 2026" */
    public function says(): string
    {
        $on = $this->in($this->year ?? self::LEAP_YEAR, new DateTimeImmutable('today'));

        return $this->year === null ? $on->format('j F').', every year' : $on->format('j F Y');
    }

    private function in(int $year, DateTimeImmutable $like): DateTimeImmutable
    {
        $day = checkdate($this->month, $this->day, $year) ? $this->day : $this->day - 1;

        return $like->setDate($year, $this->month, $day)->setTime(0, 0);
    }
}
