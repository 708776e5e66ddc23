<?php

namespace App\Shelf;

use App\Models\Kit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** What a kit is: name, price, front, date and the like. */
final class KitRequest extends FormRequest
{
    private const FRONT_SAYS = 'A front is from 1 in (25.4 mm) to 24 in (609.6 mm) long. Check the unit.';

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'unit' => ['required', 'in:in,mm'],
            'front_width' => ['required', 'string', 'max:40'],
            'front_height' => ['required', 'string', 'max:40'],
            'promised' => ['required', 'regex:/^\d{1,4}$/', 'integer', 'max:1000'],
            'price' => ['nullable', 'string', 'max:20'],
            'currency' => ['required_with:price', 'nullable', 'regex:/^[A-Z]{3}$/'],
            'bought_on' => ['nullable', 'date_format:Y-m-d'],
            'theme' => ['nullable', 'string', 'max:200'],
            'instructions' => ['nullable', 'string', 'max:10000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give the kit a name of up to 200 characters.',
            'promised.*' => 'Write how many cards are promised, in figures: 0 to 1000.',
            'currency.*' => 'Write the currency in three capital letters, such as USD.',
            'bought_on.*' => 'Write the day as in 2026-11-24.',
            'instructions.max' => 'The instructions are longer than 10 000 characters.',
        ];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach (['front_width', 'front_height'] as $side) {
                try {
                    $length = $this->side($side);
                    if (Length::inches(1)->isLongerThan($length) || $length->isLongerThan(Length::inches(24))) {
                        $validator->errors()->add($side, self::FRONT_SAYS);
                    }
                } catch (BadMeasure $wrong) {
                    $validator->errors()->add($side, $wrong->getMessage());
                }
            }
            try {
                $this->price();
            } catch (BadKit $wrong) {
                $validator->errors()->add('price', 'Write the price as in 34.50.');
            }
        }];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return [
            'name' => $this->string('name')->trim()->toString(),
            'unit' => Unit::from($this->string('unit')->toString()),
            'front_width' => $this->side('front_width')->units,
            'front_height' => $this->side('front_height')->units,
            'promised' => $this->integer('promised'),
            'price_minor' => $this->price()?->minor,
            'currency' => $this->price()?->currency,
            'bought_on' => $this->string('bought_on')->toString() ?: null,
            'theme' => $this->string('theme')->trim()->toString(),
            'instructions' => $this->string('instructions')->toString(),
        ];
    }

    /** If only the unit has changed, and not what was typed, the front stays what it is. */
    private function side(string $side): Length
    {
        $kit = $this->route('kit');
        $text = $this->string($side)->trim()->toString();
        if ($kit instanceof Kit && $kit->unit->value !== $this->string('unit')->toString()) {
            $now = $side === 'front_width' ? $kit->front()->width : $kit->front()->height;
            if ($text === $now->exact($kit->unit)) {
                return $now;
            }
        }

        return Length::parse($this->string($side)->toString(), Unit::tryFrom($this->string('unit')->toString()) ?? Unit::Inch);
    }

    private function price(): ?Price
    {
        $amount = $this->string('price')->trim()->toString();

        return $amount === '' ? null : Price::typed($amount, $this->string('currency')->toString());
    }
}
