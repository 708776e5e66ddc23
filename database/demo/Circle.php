<?php

namespace Database\Demo;

use App\Models\Day;
use App\Models\Person;
use Carbon\CarbonImmutable;
use KeepShare\Core\Kit\Occasion;

/** Made-up people whose days come soon, whenever the demo is laid. */
final class Circle
{
    /** Name, likes, days of post, and their days: the occasion, in how many days, and whether every year. */
    private const PEOPLE = [
        ['Ada Fenn', 'boats, gulls, blue', null, [['birthday', 9, true]]],
        ['Bo and Ines Marlow', 'lanterns, no glitter', null, [['wedding', 31, false]]],
        ['Corin Vale', 'birds, knitting', 12, [['birthday', 24, true]]],
        ['Dela Thorne', 'orchards, pears, green', null, [['get-well', 3, false], ['birthday', 190, true]]],
        ['Elias Rook', 'the sea, compasses', null, [['birthday', 58, true]]],
        ['Fern Astley', 'sheep, warm colours', null, [['new-baby', 72, false], ['birthday', 240, true]]],
    ];

    public function lay(): void
    {
        $today = CarbonImmutable::today();
        foreach (self::PEOPLE as [$name, $likes, $post, $days]) {
            $person = Person::query()->create(['name' => $name, 'likes' => $likes, 'post_days' => $post]);
            foreach ($days as [$occasion, $in, $isYearly]) {
                $on = $today->addDays($in);
                Day::query()->create([
                    'person_id' => $person->id,
                    'occasion' => Occasion::of($occasion),
                    'month' => $on->month,
                    'day' => $on->day,
                    'year' => $isYearly ? null : $on->year,
                ]);
            }
        }
    }
}
