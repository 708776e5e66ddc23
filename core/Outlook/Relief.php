<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\WordsAgain;

/** A wish that stops the next card: to do without it costs nothing. */
final readonly class Relief
{
    /** More are not counted: there is no hurry to know. */
    private const MOST = 6;

    private function __construct(public string $wish, public int $more)
    {
    }

    /**
     * The wishes without which there would be more cards, each by itself, tried.
     *
     * @param  Table  $table  with the cards on it, none of which can be followed by another
     * @return list<self> those that give the most first
     */
    public static function on(Table $table): array
    {
        $reliefs = [];
        foreach (self::without($table->wishes) as $wish => $wishes) {
            $more = count(Sharer::most($table->asking($wishes->forCards(self::MOST))));
            $reliefs = $more === 0 ? $reliefs : [...$reliefs, new self($wish, $more)];
        }
        usort($reliefs, static fn (self $a, self $b): int => $b->more <=> $a->more);

        return $reliefs;
    }

    /** "words may stand again: 4 more" */
    public function says(): string
    {
        return "$this->wish: ".($this->more === self::MOST ? "$this->more more at least" : "$this->more more");
    }

    /** @return iterable<string, Preferences> */
    private static function without(Preferences $wishes): iterable
    {
        if ($wishes->words === WordsAgain::Once) {
            yield 'words may stand again' => $wishes->saying(WordsAgain::WhenOut);
        }
        if (! $wishes->wordless) {
            yield 'some cards may go without words' => $wishes->wordless();
        }
        if ($wishes->envelopes) {
            yield 'cards may go without an envelope' => $wishes->inEnvelopes(false);
        }
        if ($wishes->alike !== null) {
            yield 'cards may be alike' => $wishes->alike(null);
        }
        if ($wishes->pictures) {
            yield 'cards may go without a picture' => $wishes->withPictures(false);
        }
        if ($wishes->set > 1) {
            yield 'designs need not be made in sets' => $wishes->inSetsOf(1);
        }
        if ($wishes->savesOne) {
            yield 'none of each need be saved' => $wishes->savingOne(false);
        }
        if ($wishes->sketchesOff !== []) {
            yield 'all sketches may be used' => $wishes->without([]);
        }
        if (in_array(Wanted::Never, $wishes->uses, true)) {
            yield 'what is never used may be' => $wishes->using([]);
        }
    }
}
