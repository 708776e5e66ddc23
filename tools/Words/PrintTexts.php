<?php

namespace Tools\Words;

use Illuminate\Support\Facades\File;

/** The texts that stand in what is printed, and on the pages of faults. */
final class PrintTexts
{
    /** Styles, comments, what is filled in, and directives. */
    private const GAPS = [
        '~<style.*?</style>|@section\(\'style\'\).*?@endsection~s',
        '~\{\{--.*?--\}\}~s',
        '~\{\{.*?\}\}|\{!!.*?!!\}~s',
        '~@\w+(?:\s*(\((?:[^()]|(?1))*\)))?~s',
    ];

    /** Tags within a line. */
    private const WITHIN_A_LINE = '~</?(?:b|em|span|small|strong|code)\b[^>]*>~';

    private const IS_TEXT = '/\p{L}{2,}/u';

    /** @return list<Text> */
    public static function all(): array
    {
        $texts = [];
        foreach (File::allFiles(resource_path('views')) as $file) {
            if (str_ends_with($file->getFilename(), '-style.blade.php')) {
                continue;
            }
            $html = preg_replace(self::GAPS, ['', '', '{}', "\n<i>\n"], $file->getContents()) ?? '';
            $path = 'resources/views/'.$file->getRelativePathname();
            foreach (preg_split('/<[^>]*>/', preg_replace(self::WITHIN_A_LINE, '', $html) ?? '') ?: [] as $piece) {
                $said = trim(preg_replace('/\s+/', ' ', $piece) ?? $piece);
                if (preg_match(self::IS_TEXT, $said) === 1) {
                    $texts[$path.$said] = new Text($said, $path, 0);
                }
            }
        }

        return array_values($texts);
    }
}
