<?php

namespace App\Safe;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** A saved table that is to be opened. */
final class OpenTableRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['table_file' => ['required', 'file'], 'instead' => ['boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'table_file.required' => 'Choose a saved table first.',
            'table_file.*' => 'The file did not arrive whole. Saved tables may be up to 600 MB.',
        ];
    }

    /**
     * Stored where the worker finds it.
     *
     * @return array{string, string} its path, and what it is called
     *
     * @throws ValidationException where it cannot be a saved table
     */
    public function laid(): array
    {
        $file = $this->file('table_file');
        if (! $file instanceof UploadedFile) {
            throw ValidationException::withMessages(['table_file' => 'Choose a saved table first.']);
        }
        try {
            TableFile::open($file->getRealPath() ?: '');
        } catch (BadTable $wrong) {
            throw ValidationException::withMessages(['table_file' => "Nothing was opened. {$wrong->getMessage()}"]);
        }
        $laid = $file->move(storage_path('app/opening'), bin2hex(random_bytes(8)).'.zip');

        return [$laid->getPathname(), mb_substr($file->getClientOriginalName(), 0, 120)];
    }
}
