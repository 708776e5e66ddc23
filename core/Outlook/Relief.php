<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\WordsAgain;

/** A wish that stops the next card. Giving it up costs no money. */
final readonly class Relief
{
    /** Further cards are not counted, to stay quick. */
    private const MOST = 6;

    private function __construct(public string $wish, public int $more)
    {
    }

    /**
     * The wishes without which there would be more cards. Each is tried by itself.
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

    /** "the same words on several cards: 4 more" */
    public function says(): string
    {
        return "$this->wish: ".($this->more === self::MOST ? "at least $this->more more" : "$this->more more");
    }

    /** @return iterable<string, Preferences> */
    private static function without(Preferences $wishes): iterable
    {
        if ($wishes->words === WordsAgain::Once) {
            yield 'the same words on several cards' => $wishes->saying(WordsAgain::WhenOut);
        }
        if (! $wishes->wordless) {
            yield 'some cards without words' => $wishes->wordless();
        }
        if ($wishes->envelopes) {
            yield 'cards without an envelope' => $wishes->inEnvelopes(false);
        }
        if ($wishes->alike !== null) {
            yield 'cards that are alike' => $wishes->alike(null);
        }
        if ($wishes->pictures) {
            yield 'cards without a picture' => $wishes->withPictures(false);
        }
        if ($wishes->least !== Least::Words) {
            yield 'cards that are less than '.$wishes->least->says() => $wishes->atLeast(Least::Words);
        }
        if ($wishes->set > 1) {
            yield 'designs not made in sets' => $wishes->inSetsOf(1);
        }
        if ($wishes->savesOne) {
            yield 'nothing saved of each' => $wishes->savingOne(false);
        }
        if ($wishes->sketchesOff !== []) {
            yield 'all sketches' => $wishes->without([]);
        }
        if (in_array(Wanted::Never, $wishes->uses, true)) {
            yield 'using what is set to never use' => $wishes->using([]);
        }
    }
}
