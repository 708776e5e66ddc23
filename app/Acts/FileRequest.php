<?php

namespace App\Acts;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Refusal;

/** A text that this application has written, to be read again. Its faults are shown at its field. */
final class FileRequest extends FormRequest
{
    private const MOST_BYTES = 50_000_000;

    public function contents(): string
    {
        $file = $this->sent();

        return $file !== null && $file->getSize() <= self::MOST_BYTES ? $file->getContent() : '';
    }

    /** The name of the file without its ending. */
    public function name(): string
    {
        return mb_substr(pathinfo($this->sent()?->getClientOriginalName() ?? '', PATHINFO_FILENAME), 0, 60) ?: 'From a file';
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T
     *
     * @throws ValidationException with the refusal at the field
     */
    public function at(string $field, Closure $read): mixed
    {
        if ($this->contents() === '') {
            throw ValidationException::withMessages([$field => 'Choose a file that this application has written, of up to 50 MB.']);
        }
        try {
            return $read();
        } catch (Refusal $wrong) {
            throw ValidationException::withMessages([$field => "Nothing was read. {$wrong->getMessage()}"]);
        }
    }

    private function sent(): ?UploadedFile
    {
        foreach ($this->allFiles() as $file) {
            return $file instanceof UploadedFile ? $file : null;
        }

        return null;
    }
}
