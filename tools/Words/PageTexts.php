<?php

namespace Tools\Words;

use Illuminate\Support\Facades\Process;

/** The texts that stand in the pages themselves: lines, labels, buttons, and what each key does. */
final class PageTexts
{
    /** @return list<Text> */
    public static function all(): array
    {
        $json = Process::path(base_path())->run(['node', 'tools/Words/pages.mjs'])->throw()->output();
        /** @var list<array{file: string, line: int, says: string, isButton: bool}> $found */
        $found = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return array_map(
            static fn (array $one): Text => new Text($one['says'], $one['file'], $one['line'], $one['isButton']),
            $found,
        );
    }
}
