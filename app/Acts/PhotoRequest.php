<?php

namespace App\Acts;

use App\Files\SheetPhoto;
use App\Models\Component;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** A photograph, of a paper or of a card. */
final class PhotoRequest extends FormRequest
{
    /** Only a printed paper has looks, so nothing else has such a page. */
    public function authorize(): bool
    {
        $component = $this->route('component');
        abort_if($component instanceof Component && ! $component->kind->isPrintedPaper(), 404);

        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['photo' => ['required', 'file', 'max:'.intdiv(SheetPhoto::MOST_BYTES, 1_024)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'photo.required' => 'Choose a picture first.',
            'photo.max' => 'The picture is larger than 8 MB.',
            'photo.*' => 'The picture did not arrive whole. It may be up to 8 MB.',
        ];
    }

    /** @throws ValidationException saying why it is no picture */
    public function photo(): SheetPhoto
    {
        $file = $this->file('photo');
        $path = $file instanceof UploadedFile ? $file->getRealPath() : '';

        return AtField::of('photo', static fn (): SheetPhoto => SheetPhoto::read($path));
    }
}
