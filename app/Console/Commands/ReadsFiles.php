<?php

namespace App\Console\Commands;

use Illuminate\Console\Command;
use KeepShare\Core\Kit\BadKit;

/** @phpstan-require-extends Command */
trait ReadsFiles
{
    /**
     * One byte more than allowed is enough to see that a file is too large.
     *
     * @param  int<1, max>  $mostBytes
     *
     * @throws BadKit where there is none
     */
    private static function text(string $file, int $mostBytes): string
    {
        $text = is_file($file) ? @file_get_contents($file, length: $mostBytes + 1) : false;

        return $text === false ? throw BadKit::at('file', "there is no $file that can be read.") : $text;
    }
}
