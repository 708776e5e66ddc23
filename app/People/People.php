<?php

namespace App\People;

use App\Models\Day;
use App\Models\Person;
use App\Table\ComingDays;
use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VCard;

/** People and their days, for address books and calendars. */
final class People
{
    private const MAKER = '-//Keep Share//Keep Share//EN';

    /** Everybody as vCard. Days that an address book does not know have lines of our own. */
    public static function vcards(): string
    {
        $cards = '';
        foreach (Person::query()->with('days')->orderBy('name')->get() as $person) {
            $card = new VCard([
                'VERSION' => '4.0',
                'PRODID' => self::MAKER,
                'UID' => "keepshare-person-$person->id",
                'FN' => $person->name,
            ]);
            if ($person->likes !== '') {
                $card->add(DayFile::LIKES, $person->likes);
            }
            $hasBirthday = false;
            foreach ($person->days as $day) {
                $isBirthday = $day->occasion->is('birthday') && $day->year === null && ! $hasBirthday;
                $hasBirthday = $hasBirthday || $isBirthday;
                $isBirthday
                    ? $card->add('BDAY', self::inVCard($day))
                    : $card->add(DayFile::DAY, $day->occasion->value.' '.self::inVCard($day));
            }
            $cards .= $card->serialize();
        }

        return $cards;
    }

    /** Everybody's days, repeated every year if they are. */
    public static function days(): string
    {
        $calendar = self::calendar();
        $today = CarbonImmutable::today();
        foreach (Day::query()->with('person')->orderBy('id')->get() as $day) {
            $on = $day->toCore()->nextFrom($today);
            if ($on === null) {
                continue;
            }
            $calendar->add('VEVENT', [
                'UID' => "keepshare-day-$day->id",
                'SUMMARY' => ucfirst($day->occasion->label()).": {$day->person->name}",
                'DTSTART' => $on->format('Ymd'),
                ...$day->year === null ? ['RRULE' => 'FREQ=YEARLY'] : [],
            ]);
        }

        return self::dated($calendar);
    }

    /** When the cards for the coming days must be sent. */
    public static function sendBy(int $months): string
    {
        $calendar = self::calendar();
        $coming = ComingDays::within($months);
        foreach ($coming->coming as $one) {
            $card = $coming->cards[$one->id] ?? null;
            if ($card?->given_on !== null) {
                continue;
            }
            $which = $card === null ? 'No card is meant for it yet.' : "Card $card->number of {$card->kit->name}.";
            $calendar->add('VEVENT', [
                'UID' => "keepshare-send-$one->id-".$one->on->format('Ymd'),
                'SUMMARY' => "Send $one->who's card: {$one->occasion->label()} on ".$one->on->format('j F'),
                'DESCRIPTION' => $which,
                'DTSTART' => $one->sendBy->format('Ymd'),
            ]);
        }

        return self::dated($calendar);
    }

    private static function calendar(): VCalendar
    {
        return new VCalendar(['PRODID' => self::MAKER]);
    }

    private static function inVCard(Day $day): string
    {
        return ($day->year ?? '--').sprintf('%02d%02d', $day->month, $day->day);
    }

    /** Whole days without hours. */
    private static function dated(VCalendar $calendar): string
    {
        foreach ($calendar->select('VEVENT') as $event) {
            $event->DTSTART['VALUE'] = 'DATE';
        }

        return $calendar->serialize();
    }
}
