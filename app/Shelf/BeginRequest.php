<?php

namespace App\Shelf;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Entry\TitleLine;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Measure\BadMeasure;

/** A packing list that begins a kit, and what the maker says of the kit. */
final class BeginRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'list' => ['required', 'string', 'max:60000'],
            'name' => ['nullable', 'string', 'max:200'],
            'cards' => ['nullable', 'regex:/^\d{1,4}$/', 'integer', 'between:1,1000'],
            'front' => ['nullable', 'string', 'max:40'],
            'price' => ['nullable', 'string', 'max:40'],
            'then' => ['nullable', 'in:photographs'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'list.required' => 'Paste the packing list of the kit, one thing a line.',
            'list.*' => 'A packing list has up to 60 000 characters.',
            'name.*' => 'Give the kit a name of up to 200 characters.',
            'cards.*' => 'Write how many cards are promised, in figures: 1 to 1000.',
            'front.*' => 'Write the front as A2, or as in 4 1/4 x 5 1/2.',
            'price.*' => 'Write the price as in 28.00, or $28.00.',
        ];
    }

    public function list(): string
    {
        return Csv::asList($this->string('list')->toString());
    }

    /**
     * The lines above the list, unless the fields say otherwise.
     *
     * @throws ValidationException at the field
     */
    public function title(): TitleLine
    {
        $currency = LastCurrency::now();
        $title = TitleLine::above($this->list(), $currency);
        foreach (['name', 'cards', 'front', 'price'] as $field) {
            $said = $this->string($field)->trim()->toString();
            try {
                $title = $said === '' ? $title : $title->with($field, $said, $currency);
            } catch (BadKit|BadMeasure) {
                throw ValidationException::withMessages([$field => $this->messages()["$field.*"]]);
            }
        }

        return $title;
    }
}
