<?php

namespace App\People;

use App\Acts\AtField;
use App\Models\Person;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Giving\DayOfYear;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** What is known of a person, of one of their days, or of the post. */
final class PersonRequest extends FormRequest
{
    /** @return array{name: string, likes: string, post_days: int|null} */
    public function person(): array
    {
        $this->validate([
            'name' => ['required', 'string', 'max:120'],
            'likes' => ['nullable', 'string', 'max:1000'],
            'post_days' => ['nullable', 'integer', 'between:0,60'],
        ], [
            'name.*' => 'Write a name of up to 120 characters.',
            'likes.*' => 'Up to 1 000 characters fit here.',
            'post_days.*' => 'Write how many days the post takes, from 0 to 60, or nothing.',
        ]);
        $name = $this->text('name');
        $person = $this->route('person');
        $other = Person::query()->where('name', $name)->when(
            $person instanceof Person,
            static fn ($people) => $people->whereKeyNot($person instanceof Person ? $person->id : 0),
        );
        if ($other->exists()) {
            $says = "$name is written down already. Say which it is in the name: \"$name, the younger\".";
            throw ValidationException::withMessages(['name' => $says]);
        }

        return [
            'name' => $name,
            'likes' => $this->text('likes'),
            'post_days' => $this->filled('post_days') ? $this->integer('post_days') : null,
        ];
    }

    /** @return array{occasion: Occasion, month: int, day: int, year: int|null} */
    public function day(): array
    {
        $this->validate([
            'occasion' => ['required', 'in:'.implode(',', Occasions::keys())],
            'month' => ['required', 'integer', 'between:1,12'],
            'day' => ['required', 'integer', 'between:1,31'],
            'year' => ['nullable', 'integer', 'between:1900,2200'],
        ], [
            'occasion.*' => 'Choose what the day is.',
            'month.*' => 'Choose the month.',
            'day.*' => 'Write the day, from 1 to 31.',
            'year.*' => 'Write the year in four figures, or nothing where it comes every year.',
        ]);
        $year = $this->filled('year') ? $this->integer('year') : null;
        $day = AtField::of('day', fn (): DayOfYear => DayOfYear::of($this->integer('month'), $this->integer('day'), $year));

        return [
            'occasion' => Occasion::of($this->text('occasion')),
            'month' => $day->month,
            'day' => $day->day,
            'year' => $day->year,
        ];
    }

    /** @return array{name: string, thickness: int, is_example: bool} */
    public function limit(): array
    {
        $this->validate(['name' => ['required', 'string', 'max:60'], 'thickness' => ['required', 'string', 'max:20']], [
            'name.*' => 'Write what it goes as, in up to 60 characters: "a letter".',
            'thickness.*' => 'Write how thick it may be, as in 5 mm.',
        ]);
        $thick = AtField::of('thickness', fn (): Length => Length::parse($this->text('thickness'), Unit::Millimetre));
        if ($thick->isZero() || $thick->isLongerThan(Length::inches(24))) {
            throw ValidationException::withMessages(['thickness' => 'Write a thickness that can go by post.']);
        }

        return ['name' => $this->text('name'), 'thickness' => $thick->units, 'is_example' => false];
    }

    private function text(string $key): string
    {
        return $this->string($key)->trim()->toString();
    }
}
