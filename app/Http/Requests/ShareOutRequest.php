<?php

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use KeepShare\Core\Share\Wishes;

final class ShareOutRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'cards' => ['required', 'integer', 'between:1,'.Wishes::MOST_CARDS],
            'stash' => ['required', 'boolean'],
            'repeat' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['cards.*' => sprintf('Write how many cards, from 1 to %d.', Wishes::MOST_CARDS)];
    }

    public function wishes(): Wishes
    {
        return Wishes::cards($this->integer('cards'), $this->boolean('stash'), $this->boolean('repeat'));
    }
}
