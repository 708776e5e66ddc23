<?php

namespace App\Http;

/** A file that ships with the application: scripts, styles, typefaces, drawings. Nothing else in the folder is sent. */
final readonly class StaticFile
{
    private const TYPES = [
        'js' => 'text/javascript; charset=utf-8',
        'css' => 'text/css; charset=utf-8',
        'svg' => 'image/svg+xml',
        'woff2' => 'font/woff2',
    ];

    /** The names of files in this folder change with their content. */
    private const BUILT = '/build/assets/';

    private function __construct(private string $file, private string $type, private bool $isBuilt)
    {
    }

    /** @return self|null null where there is no such file */
    public static function at(string $public, string $path): ?self
    {
        if (str_contains($path, "\0")) {
            return null;
        }
        $type = self::TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
        $file = realpath($public.$path);
        if ($type === null || $file === false || ! is_file($file) || ! str_starts_with($file, $public.DIRECTORY_SEPARATOR)) {
            return null;
        }

        return new self($file, $type, str_starts_with($path, self::BUILT));
    }

    public function send(string $accepts): void
    {
        $body = (string) file_get_contents($this->file);
        foreach (Headers::OF_ALL as $name => $value) {
            header("$name: $value");
        }
        header("Content-Type: $this->type");
        header('Cache-Control: '.($this->isBuilt ? 'public, max-age=31536000, immutable' : 'no-cache'));
        if ($this->type !== self::TYPES['woff2'] && str_contains($accepts, 'gzip')) {
            $body = (string) gzencode($body, 6);
            header('Content-Encoding: gzip');
            header('Vary: Accept-Encoding');
        }
        header('Content-Length: '.strlen($body));
        echo $body;
    }
}
