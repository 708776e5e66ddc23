<?php

namespace Tools\Words;

/** How Keep Share speaks: one idea a sentence, the words of the glossary, one name for one act. */
final class Style
{
    public const MOST_WORDS = 24;

    /** Words that are no longer used, as patterns, each with its replacement. */
    private const INSTEAD = [
        'anew' => 'again, or from scratch',
        'wav(?:e|ed|ing)(?: \w+)? off' => 'ignore',
        'practised eye' => 'hints',
        '(?:an|no) up' => 'directional, or upright',
        'binds?' => 'runs out',
        'goes (?:\d|\{)' => 'matches 64 of 100',
        '(?:\d|\}) % shows' => '% stays visible',
        'lay (?:to|it to)' => 'add to',
        'lay (?:a|the) recipe' => 'use',
        'cards laid on' => 'cards that use',
        'aslant' => 'at an angle',
        'whoever|whichever it will be' => 'say who or which',
        'broke off|has gone' => 'stopped unexpectedly',
        'by now' => 'already',
        'no proof' => 'not proven',
        'what costs nothing' => 'without buying anything',
        'ground' => 'background, or surface',
        'look whether' => 'check',
        '(?:as|what) is usual' => 'what was assumed',
        'lacking' => 'missing',
        'put right' => 'correct',
        'take (?:it|them) (?:off|out|along)' => 'remove, or download',
        'throw (?:it|them) away' => 'delete',
        'forget' => 'delete, or use the usual again',
        'done again:' => 'redone',
        'taken back:' => 'undone',
        'not there any more' => 'no longer there',
        'remember of' => 'notes on',
        'stop at\.' => 'no problems found',
        'a word why' => 'say briefly why',
        'as many as were found' => 'the most we found',
        'begin it' => 'start it',
    ];

    /** A button must not begin with these, since it would read as a state and not as an action. */
    private const STATES = '/^(?:it|that|this|all of|nothing|no) |^(?:spoiled|lost|made|done with|given|laid|kept|cut off)\b/iu';

    /** @return list<string> what is wrong with a text, empty where nothing is */
    public static function faults(Text $text): array
    {
        $faults = [];
        foreach ($text->sentences() as $sentence) {
            $words = self::words($sentence);
            if ($words > self::MOST_WORDS) {
                $faults[] = "$words words in one sentence: $sentence";
            }
        }
        foreach (self::INSTEAD as $old => $new) {
            if (preg_match("/(?<![\\p{L}-])(?:$old)(?![\\p{L}-])/iu", $text->says, $found) === 1) {
                $faults[] = "\"$found[0]\", say \"$new\": $text->says";
            }
        }
        if ($text->isButton && preg_match(self::STATES, $text->says) === 1) {
            $faults[] = "a button that reads as a state: $text->says";
        }

        return $faults;
    }

    private static function words(string $sentence): int
    {
        return preg_match_all('/\S*[\p{L}\p{N}{]\S*/u', $sentence) ?: 0;
    }
}
