<?php

declare(strict_types=1);

namespace KeepShare\Core\Materials;

/** Materials as Markdown (CommonMark): a heading for each card, lists under it, and numbered steps. */
final class AsMarkdown
{
    /**
     * @param  list<Lines>  $cards
     * @param  list<string>  $about  said once, before the cards
     */
    public static function of(string $title, array $about, array $cards): string
    {
        $text = '# '.self::plain($title)."\n";
        foreach ($about as $line) {
            $text .= "\n".self::plain($line)."\n";
        }
        foreach ($cards as $card) {
            $text .= "\n## ".self::plain($card->title)."\n";
            foreach ($card->under as $heading => $lines) {
                $text .= "\n### $heading\n\n";
                foreach ($lines as $n => $line) {
                    $text .= ($heading === 'Steps' ? ($n + 1).'.' : '-').' '.self::plain($line)."\n";
                }
            }
        }

        return $text;
    }

    /** Signs with a meaning in Markdown are escaped. */
    private static function plain(string $text): string
    {
        return (string) preg_replace('/([\\\\`*_\[\]<>#|])/', '\\\\$1', $text);
    }
}
