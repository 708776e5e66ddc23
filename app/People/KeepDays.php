<?php

namespace App\People;

use App\Journal\Journal;
use App\Models\Day;
use App\Models\Person;
use KeepShare\Core\Giving\DayOfYear;
use KeepShare\Core\Kit\Occasion;

/**
 * Adds people and days from a file. A person with a known name is the same person.
 *
 * @phpstan-import-type FoundDay from DayFile
 */
final readonly class KeepDays
{
    public function __construct(private Journal $journal)
    {
    }

    public function keep(DayFile $file, string $name): void
    {
        $this->journal->actOnShelf("Read the days of $name", static function () use ($file): void {
            $people = self::people();
            foreach ($file->people as $who => $likes) {
                $person = $people[mb_strtolower($who)] ?? Person::query()->create(['name' => $who, 'likes' => $likes]);
                if ($person->likes === '' && $likes !== '') {
                    $person->update(['likes' => $likes]);
                }
                $people[mb_strtolower($who)] = $person;
            }
            foreach (self::unknown($file, $people) as $day) {
                Day::query()->create([
                    'person_id' => $people[mb_strtolower($day['who'])]->id,
                    'occasion' => $day['occasion'],
                    'month' => $day['day']->month,
                    'day' => $day['day']->day,
                    'year' => $day['day']->year,
                ]);
            }
        });
    }

    /** @return array{people: int, days: int, known: int} how much of a file is new */
    public static function newIn(DayFile $file): array
    {
        $people = self::people();
        $days = count(self::unknown($file, $people));
        $new = array_filter(array_keys($file->people), static fn (string $who): bool => ! isset($people[mb_strtolower($who)]));

        return ['people' => count($new), 'days' => $days, 'known' => count($file->days) - $days];
    }

    /** @return array<string, Person> by name in small letters */
    private static function people(): array
    {
        $people = [];
        foreach (Person::query()->with('days')->orderByDesc('id')->get() as $person) {
            $people[mb_strtolower($person->name)] = $person;
        }

        return $people;
    }

    /**
     * @param  array<string, Person>  $people
     * @return list<FoundDay>
     */
    private static function unknown(DayFile $file, array $people): array
    {
        $known = [];
        foreach ($people as $name => $person) {
            foreach ($person->days as $day) {
                $known[self::sign($name, $day->occasion, $day->toCore())] = true;
            }
        }
        $unknown = [];
        foreach ($file->days as $one) {
            $sign = self::sign(mb_strtolower($one['who']), $one['occasion'], $one['day']);
            if (! isset($known[$sign])) {
                $known[$sign] = true;
                $unknown[] = $one;
            }
        }

        return $unknown;
    }

    private static function sign(string $who, Occasion $occasion, DayOfYear $day): string
    {
        return "$who/$occasion->value/$day->month/$day->day/$day->year";
    }
}
