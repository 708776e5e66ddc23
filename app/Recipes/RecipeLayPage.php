<?php

namespace App\Recipes;

use App\Models\Component;
use App\Models\Kit;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Page;
use App\Wording\Wording;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Recipe\Lay\Candidate;
use KeepShare\Core\Recipe\Lay\LettersChosen;
use KeepShare\Core\Recipe\Letter;
use KeepShare\Core\Recipe\Recipe;

/**
 * A recipe on this kit before anything is written: the paper of each letter with the next best, the resulting cards,
 * and what is missing.
 *
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type LetterPaper array{component: string, face: int, name: string, kit: string|null}
 * @phpstan-type LetterChoice array{paper: LetterPaper, letters: string, isTaken: bool}
 * @phpstan-type LaidLetter array{letter: string, asks: string, choices: list<LetterChoice>}
 * @phpstan-type LaidFront array{number: int, front: Front, notes: list<string>}
 * @phpstan-type KitOfPapers array{id: int, name: string, isChosen: bool}
 */
final readonly class RecipeLayPage extends Page
{
    /** How many papers are offered for a letter. */
    private const OFFERED = 8;

    /**
     * @param  bool  $isLooking  it is worked out how it lies: until then nothing is known of that
     * @param  list<LaidLetter>  $letters
     * @param  list<LaidFront>  $cards
     * @param  list<string>  $falls  the cards that cannot be made, and why
     * @param  list<string>  $lacks  what is wanted for some that can
     * @param  string  $chosen  the paper of each letter, as it is sent
     * @param  string  $how  how good that is
     * @param  list<KitOfPapers>  $kits
     * @param  Goods  $goods
     */
    private function __construct(
        public string $key,
        public string $name,
        public bool $isLooking,
        public int $all,
        public array $letters,
        public array $cards,
        public array $falls,
        public array $lacks,
        public string $chosen,
        public string $how,
        public bool $stash,
        public bool $hasStash,
        public array $kits,
        public array $goods,
    ) {
    }

    public static function of(Kit $kit, LayAsk $ask, ?LayingOut $found): self
    {
        $laid = $found?->laid;
        $chosen = $found?->chosen;

        return new self(
            $ask->key,
            $ask->recipe->name,
            $found === null,
            count($laid->cards ?? []) + count($laid->falls ?? []),
            $found === null || $chosen === null ? [] : self::letters($found->recipe, $chosen, $found),
            $found === null ? [] : self::cards($found),
            $found === null ? [] : self::falls($found),
            $found === null ? [] : self::lacks($found),
            $chosen === null ? '' : self::sent($chosen->papers),
            $chosen === null ? '' : self::how($chosen),
            $ask->stash,
            Kit::stash() !== null,
            self::kits($kit, $ask->kits),
            GoodView::all($found->components ?? []),
        );
    }

    /**
     * The paper of each letter in an address: "A:c12/0,B:c7/1".
     *
     * @param  array<string, Candidate>  $papers
     */
    private static function sent(array $papers): string
    {
        return implode(',', array_map(
            static fn (string $letter, Candidate $one): string => "$letter:{$one->key()}",
            array_keys($papers),
            $papers,
        ));
    }

    private static function how(LettersChosen $chosen): string
    {
        $gap = $chosen->gapInThousandths();

        return match (true) {
            $chosen->isProven() => 'Proven: no other papers match better on these cards.',
            $chosen->worth === $chosen->best => sprintf(
                'The best we found. No choice is more than %d.%d %% better.',
                intdiv($gap, 10),
                $gap % 10,
            ),
            default => sprintf('Your choice: %d of %d points less than the best papers.', $chosen->best - $chosen->worth, $chosen->best),
        };
    }

    /** @return list<LaidLetter> */
    private static function letters(Recipe $recipe, LettersChosen $chosen, LayingOut $found): array
    {
        return array_map(static function (Letter $letter) use ($chosen, $found): array {
            $taken = $chosen->papers[$letter->letter]->key();
            $choices = [];
            foreach ($chosen->others[$letter->letter] as $n => $other) {
                $isTaken = $other['papers'][$letter->letter]->key() === $taken;
                if ($isTaken || $n < self::OFFERED) {
                    $choices[] = [
                        'paper' => self::paper($other['papers'][$letter->letter], $found),
                        'letters' => self::sent($other['papers']),
                        'isTaken' => $isTaken,
                    ];
                }
            }
            $sheets = Wording::plural(count($letter->plans), 'sheet');

            return ['letter' => $letter->letter, 'asks' => "$sheets, {$letter->front->says()}", 'choices' => $choices];
        }, $recipe->letters);
    }

    /** @return LetterPaper */
    private static function paper(Candidate $candidate, LayingOut $found): array
    {
        $face = $candidate->front->face->name;
        $name = $candidate->component->name;

        return [
            'component' => $candidate->component->id,
            'face' => $candidate->front->index,
            'name' => $face === $name ? $name : "$name, $face",
            'kit' => ($found->others[$candidate->component->id] ?? null)?->name,
        ];
    }

    /** @return list<LaidFront> */
    private static function cards(LayingOut $found): array
    {
        $cards = [];
        foreach ($found->laid->cards ?? [] as $number => $card) {
            $cards[] = self::card($number, $card, $found);
        }

        return $cards;
    }

    /** @return LaidFront */
    private static function card(int $number, Card $card, LayingOut $found): array
    {
        return [
            'number' => $number,
            'front' => FrontView::of($card, $found->components, $found->state->kit->unit),
            'notes' => $found->laid->notes[$number] ?? [],
        ];
    }

    /** @return list<string> */
    private static function falls(LayingOut $found): array
    {
        $falls = $found->laid->falls ?? [];

        return array_map(static fn (int $number, string $why): string => "Card $number: $why.", array_keys($falls), $falls);
    }

    /** @return list<string> */
    private static function lacks(LayingOut $found): array
    {
        if ($found->chosen === null) {
            $letters = Wording::plural(count($found->recipe->letters), 'paper');

            return ["The recipe needs $letters that differ, and there are not enough with a sheet left."];
        }
        $lacks = [];
        foreach ($found->lacks() as $what => $numbers) {
            $cards = (count($numbers) === 1 ? 'card ' : 'cards ').implode(', ', $numbers);
            $lacks[] = Wording::plural(count($numbers), $what).", for $cards";
        }

        return $lacks;
    }

    /**
     * @param  list<int>  $chosen
     * @return list<KitOfPapers>
     */
    private static function kits(Kit $kit, array $chosen): array
    {
        $with = Component::query()->where('kind', 'paper')->distinct()->pluck('kit_id');
        $others = Kit::query()
            ->whereKey($with)
            ->whereKeyNot($kit->id)
            ->where(['is_stash' => false, 'is_deleted' => false, 'is_put_away' => false])
            ->orderBy('name')
            ->limit(20)
            ->get();

        return array_values($others->map(static fn (Kit $one): array => [
            'id' => $one->id,
            'name' => $one->name,
            'isChosen' => in_array($one->id, $chosen, true),
        ])->all());
    }
}
