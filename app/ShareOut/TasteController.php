<?php

namespace App\ShareOut;

use App\Acts\CardRequest;
use App\Cutting\CutPlans;
use App\Journal\Journal;
use App\Models\Kit;
use App\Models\KitWishes;
use App\Models\OwnSketch;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\Rule;
use KeepShare\Core\Check\Check;
use KeepShare\Core\Check\Checks;
use KeepShare\Core\Check\SpreadGaps;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\BadWish;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\WordsAgain;

/**
 * How the maker of a kit likes the cards: framed or covered, the wished spread, and the hints that are switched off.
 */
final readonly class TasteController
{
    /** Inches: a trimmer with a shorter track cuts no card. */
    private const LEAST_CUT = 4;

    public function __construct(private Journal $journal, private CutPlans $plans)
    {
    }

    public function store(Kit $kit, CardRequest $request): RedirectResponse
    {
        $cards = sprintf('Write how many cards, from 0 to %d.', Preferences::MOST_CARDS);
        $request->validate(
            [
                'frame' => ['nullable', 'string', 'max:20'],
                'wanted' => ['array'],
                'wanted.*' => ['nullable', 'integer', 'between:0,'.Preferences::MOST_CARDS],
                'folds' => ['array'],
                'folds.*' => ['nullable', 'integer', 'between:0,'.Preferences::MOST_CARDS],
                'set' => ['integer', 'between:1,'.Preferences::LARGEST_SET],
                'stash' => ['boolean'],
                'words' => [Rule::enum(WordsAgain::class)],
                'savesOne' => ['boolean'],
                'insides' => ['boolean'],
                'envelopes' => ['boolean'],
                'wordless' => ['boolean'],
                'least' => [Rule::enum(Least::class)],
                'follows' => ['boolean'],
                'stashCards' => ['nullable', 'integer', 'between:0,'.Preferences::MOST_CARDS],
                'trimmer' => ['nullable', 'string', 'max:20'],
            ],
            [
                'wanted.*' => $cards,
                'folds.*' => $cards,
                'set' => sprintf('Write how many of each card, from 1 to %d.', Preferences::LARGEST_SET),
                'stashCards.*' => sprintf('Write how many cards, from 0 to %d, or nothing for any number.', Preferences::MOST_CARDS),
            ],
        );
        $text = $request->text('frame');
        $frame = $request->at(
            'frame',
            static fn (): ?Length => $text === '' ? null : Length::parse($text, $kit->unit),
        );
        $request->at(
            'frame',
            static fn () => $frame === null || $frame->isZero()
                ? $kit->front()
                : $kit->front()->shorter()->minus($frame->times(4)),
        );
        $keys = [...Occasions::keys(), SpreadGaps::MAN];
        $wanted = array_filter(
            array_map(intval(...), array_intersect_key($request->array('wanted'), array_flip($keys))),
        );
        $folds = array_filter(
            array_map(
                intval(...),
                array_intersect_key(
                    $request->array('folds'),
                    array_flip(array_column(FoldKind::onWish(), 'value')),
                ),
            ),
        );
        $request->at('wanted', static fn () => Preferences::asManyAsPossible()->wanting($wanted)->folding($folds));
        $track = $request->text('trimmer');
        $trimmer = $request->at(
            'trimmer',
            static fn (): ?Length => $track === '' ? null : Length::parse($track, $kit->unit),
        );
        $request->at(
            'trimmer',
            static fn () => $trimmer !== null && Length::inches(self::LEAST_CUT)->isLongerThan($trimmer)
                ? throw BadWish::trimmer(Length::inches(self::LEAST_CUT), $kit->unit)
                : null,
        );
        $wishes = [
            ...$kit->wishes,
            'folds' => $folds,
            'set' => max(1, $request->integer('set', 1)),
            'words' => $request->filled('words') ? $request->text('words') : KitWishes::words($kit)->value,
            'saves_one' => $request->boolean('savesOne'),
            'insides' => $request->boolean('insides'),
            'envelopes' => $request->boolean('envelopes'),
            'wordless' => $request->boolean('wordless'),
            'least' => $request->filled('least') ? $request->text('least') : KitWishes::least($kit)->value,
            'follows' => $request->boolean('follows'),
            'trimmer' => $trimmer?->units,
            'stash_cards' => $request->filled('stashCards') ? $request->integer('stashCards') : null,
        ];
        $stash = $request->has('stash') ? $request->boolean('stash') : $kit->uses_stash;
        $this->journal->act($kit, 'Change what is wished for', $request->revision(), function () use (
            $kit,
            $frame,
            $wanted,
            $wishes,
            $stash,
        ): void {
            $isOther = ($kit->wishes['trimmer'] ?? null) !== $wishes['trimmer'];
            $kit->update(['frame' => $frame?->units, 'wanted' => $wanted, 'wishes' => $wishes, 'uses_stash' => $stash]);
            if ($isOther) {
                // What the trimmer cannot cut is short. What it can cut is planned for it.
                $this->plans->refresh($kit->cutFrom());
            }
        });

        return back();
    }

    /** Stops share-outs of this kit from using a sketch, or allows it again. */
    public function sketch(Kit $kit, CardRequest $request): RedirectResponse
    {
        $key = $request->text('sketch');
        $sketch = OwnSketch::shelf()[$key] ?? abort(422);
        $off = $kit->wishes['sketches_off'] ?? [];
        $isOff = in_array($key, $off, true);
        $wishes = [
            ...$kit->wishes,
            'sketches_off' => $isOff ? array_values(array_diff($off, [$key])) : [...$off, $key],
        ];
        $this->journal->act(
            $kit,
            $isOff ? "Share out on $sketch->name again" : "Share nothing out on $sketch->name",
            $request->revision(),
            static fn () => $kit->update(['wishes' => $wishes]),
        );

        return back();
    }

    /** Switches a kind of hint off for this kit, or on again. */
    public function mute(Kit $kit, CardRequest $request): RedirectResponse
    {
        $keys = array_map(static fn (Check $check): string => $check->key(), Checks::all());
        $request->validate(['check' => ['required', 'in:'.implode(',', $keys)]]);
        $check = $request->text('check');
        $isOff = in_array($check, $kit->muted, true);
        $muted = $isOff ? array_values(array_diff($kit->muted, [$check])) : [...$kit->muted, $check];
        $this->journal->act(
            $kit,
            $isOff ? 'Show a kind of hint again' : 'Never show a kind of hint',
            $request->revision(),
            static fn () => $kit->update(['muted' => $muted]),
        );

        return back();
    }
}
