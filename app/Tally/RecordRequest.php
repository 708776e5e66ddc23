<?php

namespace App\Tally;

use App\Models\Card;
use App\Models\Day;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** One note on a card. "field" says which. */
final class RecordRequest extends FormRequest
{
    /** The rules of each field, and the message if they are broken. */
    private const FIELDS = [
        'stars' => [['nullable', 'integer', 'between:1,5'], 'One to five stars.'],
        'minutes' => [['nullable', 'integer', 'between:1,6000'], 'Write the minutes, from 1 to 6 000.'],
        'went_wrong' => [['nullable', 'string', 'max:2000'], 'Up to 2 000 characters fit here.'],
        'notes' => [['nullable', 'string', 'max:2000'], 'Up to 2 000 characters fit here.'],
        'given_to' => [['nullable', 'string', 'max:120'], 'Up to 120 characters fit here.'],
        'given_on' => [['nullable', 'date_format:Y-m-d'], 'Write the day as in 2026-11-27.'],
        'meant_day' => [['nullable', 'integer', 'exists:days,id'], 'That day is no longer there.'],
    ];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'field' => ['required', 'in:'.implode(',', array_keys(self::FIELDS))],
            'value' => self::FIELDS[$this->field()][0] ?? ['nullable'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['value.*' => self::FIELDS[$this->field()][1] ?? 'That cannot be kept.'];
    }

    public function field(): string
    {
        return $this->string('field')->toString();
    }

    /** @return array<string, mixed> what to write in the record */
    public function columns(): array
    {
        if ($this->field() === 'meant_day') {
            return $this->meaning();
        }
        $text = $this->string('value')->trim()->toString();
        $isText = in_array($this->field(), ['went_wrong', 'notes', 'given_to'], true);
        $isDay = $this->field() === 'given_on';

        return [$this->field() => match (true) {
            $isText => $text,
            $text === '' => null,
            $isDay => $text,
            default => (int) $text,
        }];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws ValidationException where the day has its card
     */
    private function meaning(): array
    {
        $day = $this->filled('value') ? Day::query()->findOrFail($this->integer('value')) : null;
        $card = $this->route('card');
        $other = $day?->meant()->whereKeyNot($card instanceof Card ? $card->id : 0)->first();
        if ($other !== null) {
            $says = "Card $other->number of {$other->kit->name} is meant for that day.";
            throw ValidationException::withMessages(['value' => $says]);
        }

        return $day?->meaning() ?? Card::FOR_NOBODY;
    }
}
