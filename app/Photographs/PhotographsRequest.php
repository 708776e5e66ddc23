<?php

namespace App\Photographs;

use App\Models\Photograph;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Look\ReferenceKind;

/** Photographs from which goods are to be read, and what they are measured by. */
final class PhotographsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'files' => ['required', 'array', 'between:1,'.Photograph::MOST_FILES],
            'files.*' => ['file', 'max:'.intdiv(Photograph::MOST_BYTES, 1_024)],
            'sent' => ['integer'],
            'by' => [Rule::enum(ReferenceKind::class)],
            'lengths' => ['string', 'max:60'],
            'order' => [Rule::enum(PaperOrder::class)],
            'size' => ['string', 'max:60'],
            'count' => ['integer', 'between:1,99'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'files.required' => 'Choose a picture first.',
            'files.between' => 'Choose up to '.Photograph::MOST_FILES.' pictures at a time.',
            'files.*' => 'A picture did not arrive whole. Each may be up to '.intdiv(Photograph::MOST_BYTES, 1_000_000).' MB.',
            'count.*' => 'Write how many sheets of each there are, from 1 to 99.',
            '*' => 'Write it in a few words.',
        ];
    }

    /**
     * @return non-empty-list<UploadedFile>
     *
     * @throws ValidationException where some were left behind on the way
     */
    public function pictures(): array
    {
        $sent = $this->file('files');
        $files = is_array($sent) ? array_values($sent) : [];
        if ($files === []) {
            throw ValidationException::withMessages(['files' => 'Choose a picture first.']);
        }
        if (count($files) < $this->integer('sent')) {
            throw ValidationException::withMessages([
                'files' => sprintf('Only %d of %d pictures arrived. Choose them in two steps.', count($files), $this->integer('sent')),
            ]);
        }

        return $files;
    }
}
