<?php

namespace Tests\Core\Support;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Many;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\WordsAgain;
use Random\Randomizer;

/** Two to five wishes at once, each drawn from all there are. */
final class RandomWishes
{
    public static function for(Inventory $laying, Randomizer $random): Preferences
    {
        $cards = $random->getInt(1, 5) === 1 ? Preferences::MOST_CARDS : $random->getInt(4, 20);
        $wishes = Preferences::cards($cards, $random->getInt(0, 1) === 1);
        $all = self::all($laying, $random);
        foreach ($random->pickArrayKeys($all, $random->getInt(2, 5)) as $name) {
            $wishes = $all[$name]($wishes);
        }

        return $wishes;
    }

    /** @return non-empty-array<string, Closure(Preferences): Preferences> */
    private static function all(Inventory $laying, Randomizer $random): array
    {
        $one = static fn (array $of): mixed => array_values($of)[$random->getInt(0, count($of) - 1)];
        $some = static fn (Preferences $wishes, int $most): int => $random->getInt(1, min($most, $wishes->cards));
        $designs = array_values(array_filter(array_map(
            static fn (Card $card): ?KitDesign => $card->asDesign("As card $card->number"),
            $laying->cards,
        )));

        return [
            'words once' => static fn (Preferences $wishes): Preferences => $wishes->saying(WordsAgain::Once),
            'words freely' => static fn (Preferences $wishes): Preferences => $wishes->saying(WordsAgain::Freely),
            'envelopes' => static fn (Preferences $wishes): Preferences => $wishes->inEnvelopes(),
            'some from the stash' => static fn (Preferences $wishes): Preferences => $wishes->withStash()->stashFor($random->getInt(0, 3)),
            'uses' => static fn (Preferences $wishes): Preferences => $wishes->using([
                $one(array_keys($laying->components)) => $one(Wanted::cases()),
                $one(array_keys($laying->components)) => $one(Wanted::cases()),
            ]),
            'one saved' => static fn (Preferences $wishes): Preferences => $wishes->savingOne(),
            'sets' => static fn (Preferences $wishes): Preferences => $wishes->inSetsOf($one([2, 3, 4, 6])),
            'a fold' => static fn (Preferences $wishes): Preferences => $wishes->folding([
                $one(FoldKind::onWish())->value => $some($wishes, 4),
            ]),
            'two folds' => static fn (Preferences $wishes): Preferences => $wishes->cards < 4 ? $wishes : $wishes->folding([
                $one([FoldKind::Gatefold, FoldKind::Slider, FoldKind::Pocket])->value => $some($wishes, 2),
                $one([FoldKind::ShortFront, FoldKind::Shaker, FoldKind::DoubleCard])->value => $some($wishes, 2),
            ]),
            'occasions' => static fn (Preferences $wishes): Preferences => $wishes->cards < 6 ? $wishes : $wishes->wanting([
                'birthday' => $some($wishes, 3),
                $one(['thank-you', 'sympathy', 'wedding']) => $some($wishes, 3),
            ]),
            'designs' => static fn (Preferences $wishes): Preferences => $wishes->following($designs),
            'covered' => static fn (Preferences $wishes): Preferences => $wishes->framed(Length::zero()),
            'wide frame' => static fn (Preferences $wishes): Preferences => $wishes->framed(Length::inches(0, 1, 4)),
            'short trimmer' => static fn (Preferences $wishes): Preferences => $wishes->cutWith(
                Trimmer::of(Length::inches(9), Length::inches(0, 1, 4)),
            ),
            'sketches off' => static fn (Preferences $wishes): Preferences => $wishes->without(
                array_slice($random->shuffleArray(array_keys(Sketches::all())), 0, 20),
            ),
            'insides' => static fn (Preferences $wishes): Preferences => $wishes->lined(),
            'alike' => static fn (Preferences $wishes): Preferences => $wishes->alike($random->getInt(1, 3)),
            'pictures' => static fn (Preferences $wishes): Preferences => $wishes->withPictures(),
            'least' => static fn (Preferences $wishes): Preferences => $wishes->atLeast($one(Least::cases())),
            'wordless' => static fn (Preferences $wishes): Preferences => $wishes->wordless(),
            'few pieces' => static fn (Preferences $wishes): Preferences => $wishes->pieces(Many::Few),
            'many pieces' => static fn (Preferences $wishes): Preferences => $wishes->pieces(Many::Lots),
        ];
    }
}
