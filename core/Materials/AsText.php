<?php

declare(strict_types=1);

namespace KeepShare\Core\Materials;

/** Materials as plain text, to be pasted anywhere. */
final class AsText
{
    /**
     * @param  list<Lines>  $cards
     * @param  list<string>  $about  said once, before the cards
     */
    public static function of(string $title, array $about, array $cards): string
    {
        $text = implode("\n", [$title, ...$about])."\n";
        foreach ($cards as $card) {
            $text .= "\n$card->title\n";
            foreach ($card->under as $heading => $lines) {
                $text .= "$heading:\n";
                foreach ($lines as $n => $line) {
                    $text .= '  '.($heading === 'Steps' ? ($n + 1).'.' : '-')." $line\n";
                }
            }
        }

        return $text;
    }
}
