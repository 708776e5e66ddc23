<?php

namespace App\ShareOut;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\WordsAgain;

final class ShareOutRequest extends FormRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'cards' => ['required', 'integer', 'between:1,'.Preferences::MOST_CARDS],
            'stash' => ['required', 'boolean'],
            'words' => ['required', Rule::enum(WordsAgain::class)],
            'keep' => ['boolean'],
            'alike' => ['nullable', 'integer', 'between:1,'.Preferences::MOST_CARDS],
            'least' => ['nullable', Rule::enum(Least::class)],
        ];
    }

    /** "As many as possible" means the most that can be asked for. */
    protected function prepareForValidation(): void
    {
        if (strtolower($this->string('cards')->trim()->toString()) === 'max') {
            $this->merge(['cards' => Preferences::MOST_CARDS]);
        }
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['cards.*' => sprintf('Write how many cards, from 1 to %d, or max for as many as possible.', Preferences::MOST_CARDS)];
    }
}
