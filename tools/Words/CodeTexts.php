<?php

namespace Tools\Words;

use Illuminate\Support\Facades\File;
use PhpParser\NodeTraverser;
use PhpParser\ParserFactory;

/** The texts that the server says: findings, steps, errors, names of acts, prints, files and commands. */
final class CodeTexts
{
    private const FOLDERS = ['core', 'app'];

    /** Words that are read from what the maker types, and are not shown. */
    private const READ = [
        'core/Colour/ColourWords.php',
        'core/Entry/Companion.php',
        'core/Entry/FindKind.php',
        'core/Entry/Heading.php',
        'core/Entry/HeadingSigns.php',
        'core/Entry/KindPhrases.php',
        'core/Entry/PlainLine.php',
        'core/Entry/TitleLine.php',
        'core/Entry/Tokens.php',
        'core/Giving/DayText.php',
        'core/Kit/Occasions.php',
        'core/Kit/ShapeName.php',
    ];

    /** @return list<Text> */
    public static function all(): array
    {
        $parser = (new ParserFactory)->createForHostVersion();
        $found = [];
        foreach (self::FOLDERS as $folder) {
            foreach (File::allFiles(base_path($folder)) as $file) {
                $path = "$folder/".str_replace('\\', '/', $file->getRelativePathname());
                if (in_array($path, self::READ, true)) {
                    continue;
                }
                $literals = new SaidLiterals($path);
                (new NodeTraverser($literals))->traverse($parser->parse($file->getContents()) ?? []);
                array_push($found, ...$literals->texts());
            }
        }

        return $found;
    }
}
