<?php

namespace App\Shelf;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

final class ImportRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['kit_file' => ['required', 'file', 'max:1953']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kit_file.required' => 'Choose a kit file first.',
            'kit_file.max' => 'The file is larger than 2 MB. A kit file is a short text.',
            'kit_file.*' => 'The file did not arrive whole. Kit files are texts of up to 2 MB.',
        ];
    }

    /** A CSV packing list instead of a kit file. */
    public function isTable(): bool
    {
        return in_array(mb_strtolower(pathinfo($this->original(), PATHINFO_EXTENSION)), ['csv', 'tsv', 'txt'], true);
    }

    public function name(): string
    {
        return pathinfo($this->original(), PATHINFO_FILENAME);
    }

    private function original(): string
    {
        $file = $this->file('kit_file');

        return $file instanceof UploadedFile ? $file->getClientOriginalName() : '';
    }

    public function contents(): string
    {
        $file = $this->file('kit_file');

        return $file instanceof UploadedFile ? $file->getContent() : '';
    }
}
