<?php

namespace App\Files;

use App\Models\PrintPaper;
use Illuminate\Support\Facades\File;
use KeepShare\Core\Measure\Unit;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Our own HTML, printed to PDF by a browser without a window. The PDF is tagged, and drawings stay drawings. Nothing is
 * fetched and no script runs, since the page contains everything.
 */
final readonly class Pdf
{
    private const PROGRAM = 'chromium';

    private const FLAGS = [
        '--headless=new',
        '--disable-gpu',
        '--disable-extensions',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
        '--no-pdf-header-footer',
        '--host-resolver-rules=MAP * ~NOTFOUND',
    ];

    private const SECONDS = 60;

    private function __construct(public string $bytes)
    {
    }

    /** @throws RuntimeException where the browser is missing; bin/demo and bin/test install it */
    public static function render(string $html, Unit $unit): self
    {
        return Scratch::in(static function (string $folder) use ($html, $unit): self {
            File::put("$folder/page.html", self::set($html, PrintPaper::for($unit)));
            // Its sandbox needs an ordinary user, and the machine's first user is not one.
            $flags = [...self::FLAGS, ...(posix_geteuid() === 0 ? ['--no-sandbox'] : [])];
            $places = ["--user-data-dir=$folder/profile", "--print-to-pdf=$folder/page.pdf", "file://$folder/page.html"];
            $print = new Process([self::PROGRAM, ...$flags, ...$places], env: ['HOME' => $folder], timeout: self::SECONDS);
            $print->run();

            return File::exists("$folder/page.pdf")
                ? new self(File::get("$folder/page.pdf"))
                : throw new RuntimeException("The page could not be printed: {$print->getErrorOutput()}");
        });
    }

    public function pages(): int
    {
        return (int) preg_match_all('~/Type\s*/Page\b~', $this->bytes);
    }

    /** On its paper, with real fractions: the stroke in 1/2 becomes a fraction stroke. */
    private static function set(string $html, PrintPaper $paper): string
    {
        $size = sprintf('@page { size: %s; }', $paper->value);
        $html = str_replace('</style>', "$size</style>", $html);

        return (string) preg_replace_callback(
            '~>[^<]+<~',
            static fn (array $text): string => (string) preg_replace('~(\d)/(2|4|8|16|32|64)\b~', '$1⁄$2', $text[0]),
            $html,
        );
    }
}
