<?php

namespace Tests\Feature;

use Tools\Words\AllTexts;
use Tools\Words\DocTexts;
use Tools\Words\Style;
use Tools\Words\Text;

/** Every text is written as people speak to a friend. EveryStateTest checks the texts that pages are sent. */
final class WordsTest extends FeatureTestCase
{
    /** @var list<Text>|null */
    private static ?array $texts = null;

    public function test_every_text_is_said_in_plain_words(): void
    {
        self::assertSame([], self::faults(self::texts()));
    }

    public function test_the_documents_are_written_in_plain_words(): void
    {
        self::assertSame([], self::faults(DocTexts::all()));
        self::assertLessThanOrEqual(120, count(file(base_path('README.md')) ?: []), 'the README is read in two minutes');
    }

    public function test_the_list_has_texts_of_each_sort(): void
    {
        $texts = self::texts();
        $sorts = [
            'a line of a page' => ['Paste the packing list, or drop a file here', 'resources/js/Shelf/NewKit.svelte', false],
            'a button' => ['Keep the old plan', 'resources/js/Cut/NewPlan.svelte', true],
            'a key' => ['Swap for the next best', 'resources/js/ShareOut/grid/acts.ts', false],
            'an error, its number filled in later' => ['Ask for 1 to {} cards; {} is not possible.', 'core/Table/BadWish.php', false],
            'a sentence written over several lines' => [
                'The table has changed since this page was opened{}. Nothing was done. '
                    .'This is how it is now. Do it again if you still want it.',
                'app/Journal/StaleTable.php',
                false,
            ],
        ];
        foreach ($sorts as $sort => [$says, $from, $isButton]) {
            $isIt = static fn (Text $one): bool => [$one->says, $one->from, $one->isButton] === [$says, $from, $isButton];
            self::assertCount(1, array_filter($texts, $isIt), $sort);
        }
    }

    public function test_a_text_that_must_be_read_twice_is_found(): void
    {
        $long = 'When all that has been said of it has been read by you and by all of us you may put away what is left of it and go on.';
        $faults = [
            $long => '30 words in one sentence: '.$long,
            'Order the faces anew' => '"anew", say "again, or from scratch": Order the faces anew',
        ];
        foreach ($faults as $says => $fault) {
            self::assertSame([$fault], Style::faults(new Text($says, 'a page', 1)));
        }
        self::assertNotSame([], Style::faults(new Text('It is cut', 'a page', 1, isButton: true)));
        self::assertSame([], Style::faults(new Text('We found 20 cards. At most 22: then your card bases run out.', 'a page', 1)));
    }

    /**
     * @param  list<Text>  $texts
     * @return list<string>
     */
    private static function faults(array $texts): array
    {
        $faults = [];
        foreach ($texts as $text) {
            foreach (Style::faults($text) as $fault) {
                $faults[] = "$text->from:$text->line: $fault";
            }
        }

        return $faults;
    }

    /** @return list<Text> */
    private static function texts(): array
    {
        return self::$texts ??= AllTexts::of();
    }
}
