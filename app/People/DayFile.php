<?php

namespace App\People;

use DateTimeImmutable;
use KeepShare\Core\Giving\BadDay;
use KeepShare\Core\Giving\DayOfYear;
use KeepShare\Core\Giving\DayText;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\Reader;
use Sabre\VObject\Splitter\VCard as VCards;
use Throwable;

/**
 * People and their days, from an address book (vCard) or a calendar (iCalendar). The file is read whole. Entries that
 * are not a day for a card are named with the reason.
 *
 * @phpstan-type FoundDay array{who: string, occasion: Occasion, day: DayOfYear}
 */
final readonly class DayFile
{
    public const MOST_BYTES = 4_000_000;

    private const MOST = 5_000;

    /** Lines of an address book that only this application uses. */
    public const LIKES = 'X-KEEPSHARE-LIKES';

    public const DAY = 'X-KEEPSHARE-DAY';

    /**
     * @param  list<FoundDay>  $days
     * @param  array<string, string>  $people  what each likes, by name
     * @param  list<string>  $left  what is not understood, with the reason
     */
    private function __construct(public array $days, public array $people, public array $left)
    {
    }

    /** @throws BadKit where it is neither */
    public static function read(string $contents): self
    {
        if (strlen($contents) > self::MOST_BYTES) {
            throw BadKit::at('', 'The file is larger than 4 MB.');
        }
        $text = ltrim((string) preg_replace('/^\xEF\xBB\xBF/', '', $contents));
        if (! mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'ISO-8859-1');
        }
        try {
            return match (true) {
                stripos($text, 'BEGIN:VCARD') === 0 => self::addressBook($text),
                stripos($text, 'BEGIN:VCALENDAR') === 0 => self::calendar($text),
                default => throw BadKit::at('', 'This is neither an address book (.vcf) nor a calendar (.ics).'),
            };
        } catch (BadKit $wrong) {
            throw $wrong;
        } catch (Throwable $wrong) {
            throw BadKit::at('', 'The file is damaged: '.lcfirst(mb_scrub(mb_substr($wrong->getMessage(), 0, 200))));
        }
    }

    private static function addressBook(string $text): self
    {
        $days = $people = $left = [];
        $stream = fopen('php://memory', 'r+b') ?: throw BadKit::at('', 'There is not enough memory to read it.');
        fwrite($stream, $text);
        rewind($stream);
        $cards = new VCards($stream, Reader::OPTION_FORGIVING);
        while ($card = $cards->getNext()) {
            if (! $card instanceof VCard) {
                continue;
            }
            $who = mb_substr(trim(self::text($card, 'FN')), 0, 120);
            if ($who === '') {
                $left[] = 'an entry without a name';

                continue;
            }
            $found = self::daysOf($card, $who, $left);
            if ($found === [] && self::text($card, self::LIKES) === '') {
                $left[] = "$who: no birthday and no other day";

                continue;
            }
            $people[$who] = mb_substr(trim(self::text($card, self::LIKES)), 0, 1_000);
            array_push($days, ...$found);
        }

        return self::whole($days, $people, $left);
    }

    /**
     * @param  list<string>  $left
     * @return list<FoundDay>
     */
    private static function daysOf(VCard $card, string $who, array &$left): array
    {
        $days = [];
        $says = [
            ...self::all($card, 'BDAY', Occasion::of('birthday')),
            ...self::all($card, 'ANNIVERSARY', Occasion::of('anniversary')),
            ...self::all($card, 'X-ANNIVERSARY', Occasion::of('congratulations')),
        ];
        foreach ($card->select(self::DAY) as $own) {
            [$occasion, $date] = [...explode(' ', (string) $own, 2), ''];
            $says[] = [Occasions::named($occasion) ?? Occasion::of('hello'), $date, preg_match('/^\d{4}/', $date) === 1];
        }
        foreach ($says as [$occasion, $date, $isOnce]) {
            $day = self::day($date, $isOnce);
            if ($day === null) {
                $left[] = "$who: \"$date\" is no day";
            } else {
                $days[] = ['who' => $who, 'occasion' => $occasion, 'day' => $day];
            }
        }

        return $days;
    }

    /** @return list<array{Occasion, string, bool}> */
    private static function all(VCard $card, string $name, Occasion $occasion): array
    {
        $all = [];
        foreach ($card->select($name) as $property) {
            $all[] = [$occasion, trim((string) $property), false];
        }

        return $all;
    }

    private static function calendar(string $text): self
    {
        $days = $people = $left = [];
        foreach (Reader::read($text, Reader::OPTION_FORGIVING)->select('VEVENT') as $event) {
            if (! $event instanceof Component) {
                continue;
            }
            $summary = mb_substr(trim(self::text($event, 'SUMMARY')), 0, 200);
            $is = DayText::read($summary);
            $isYearly = stripos(self::text($event, 'RRULE'), 'FREQ=YEARLY') !== false || $is?->occasion->is('birthday') === true;
            $day = self::day(self::text($event, 'DTSTART'), ! $isYearly);
            if ($is === null || $day === null) {
                $left[] = ($summary === '' ? 'an entry without a name' : "\"$summary\"")
                    .($is === null ? ': nobody\'s day that a card is for' : ': it has no day');

                continue;
            }
            $people[$is->who] ??= '';
            $days[] = ['who' => $is->who, 'occasion' => $is->occasion, 'day' => $day];
        }

        return self::whole($days, $people, $left);
    }

    /**
     * @param  list<FoundDay>  $days
     * @param  array<string, string>  $people
     * @param  list<string>  $left
     */
    private static function whole(array $days, array $people, array $left): self
    {
        return count($days) > self::MOST
            ? throw BadKit::at('', sprintf('There are more than %d days in it.', self::MOST))
            : new self($days, $people, $left);
    }

    /** "1980-02-03", "19800203T000000", "--0203", "--02-03" */
    private static function day(string $date, bool $isOnce): ?DayOfYear
    {
        if (preg_match('/^(\d{4}|--)-?(\d\d)-?(\d\d)(?!\d)/', $date, $found) !== 1) {
            return null;
        }
        try {
            return DayOfYear::of((int) $found[2], (int) $found[3], $isOnce && $found[1] !== '--' ? (int) $found[1] : null);
        } catch (BadDay) {
            return null;
        }
    }

    private static function text(Component $component, string $name): string
    {
        return (string) ($component->select($name)[0] ?? '');
    }

    /** Days in the past that do not come again are dropped. */
    public function withoutPast(DateTimeImmutable $today): self
    {
        $days = $left = [];
        foreach ($this->days as $one) {
            if ($one['day']->nextFrom($today) === null) {
                $left[] = "{$one['who']}, {$one['occasion']->label()}: {$one['day']->says()} has been";
            } else {
                $days[] = $one;
            }
        }

        return new self($days, $this->people, [...$this->left, ...$left]);
    }
}
