<?php

namespace App\Shelf\Arrivals;

/** What was typed, pasted, dropped or chosen: a text, or the beginning of a file. */
final readonly class Brought
{
    /** This much of a file shows what it is. */
    public const MOST_LOOKED_AT = 65_536;

    /**
     * @param  string  $name  of the file; empty where it was typed or pasted
     * @param  string  $start  its first bytes
     */
    public function __construct(public string $name, public string $start)
    {
    }

    public function isFile(): bool
    {
        return $this->name !== '';
    }

    /** "csv", "jpg". Empty if it has none. */
    public function ending(): string
    {
        return mb_strtolower(pathinfo($this->name, PATHINFO_EXTENSION));
    }

    /** The format that a JSON file says it is in, such as keepshare/kit. Null if it says none. */
    public function format(): ?string
    {
        $isJson = str_starts_with(ltrim($this->start, "\u{FEFF} \r\n\t"), '{');

        return $isJson && preg_match('/"format"\s*:\s*"keepshare\\\\?\/([a-z-]+)"/', $this->start, $found) === 1
            ? "keepshare/$found[1]"
            : null;
    }

    /** The value of a name in a JSON file, if it comes early. */
    public function says(string $name): string
    {
        $pattern = '/"'.preg_quote($name, '/').'"\s*:\s*"((?:[^"\\\\]|\\\\.)*)"/u';

        return preg_match($pattern, $this->start, $found) === 1 ? (string) json_decode("\"$found[1]\"") : '';
    }
}
