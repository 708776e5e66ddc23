<?php

namespace App\Files;

use Illuminate\Http\Response;

/** The types of files that leave the application. */
enum Media: string
{
    case Json = 'application/json';
    case Text = 'text/plain; charset=utf-8';
    case Markdown = 'text/markdown; charset=utf-8';
    case Csv = 'text/csv; charset=utf-8';
    case Pdf = 'application/pdf';
    case Svg = 'image/svg+xml';
    case VCard = 'text/vcard; charset=utf-8';
    case Calendar = 'text/calendar; charset=utf-8';

    /** A file of this kind, as it is sent. */
    public function file(string $name, string $body): Response
    {
        return response($body, 200, [
            'Content-Type' => $this->value,
            'Content-Disposition' => ($this->isShown() ? 'inline' : 'attachment')."; filename=\"$name\"",
        ]);
    }

    /** Whether it opens beside the page instead of being saved: it is printed, or read. */
    public function isShown(): bool
    {
        return in_array($this, [self::Pdf, self::Text], true);
    }
}
