<?php

namespace App\Tally;

use App\Models\Card;
use App\Models\Kit;
use App\View\Page;

/**
 * What another maker needs to make the cards of a kit: chosen, viewed, copied, printed.
 *
 * @phpstan-type MaterialsCard array{number: int, label: string, isChosen: bool}
 * @phpstan-type MaterialsList array{title: string, under: list<array{heading: string, lines: list<string>}>}
 */
final readonly class TallyMaterialsPage extends Page
{
    /**
     * @param  list<MaterialsCard>  $cards
     * @param  list<MaterialsList>  $lists
     * @param  string  $text  what is copied
     */
    private function __construct(
        public array $cards,
        public bool $both,
        public string $paper,
        public array $lists,
        public string $text,
    ) {
    }

    /** @param  list<int>  $numbers  of the chosen cards; none for all */
    public static function of(Kit $kit, array $numbers, bool $both, string $paper): self
    {
        $materials = MaterialsOf::cards($kit, $numbers, $both);
        $cards = [];
        foreach ($kit->cards()->get() as $card) {
            $cards[] = self::card($card, $numbers);
        }
        $lists = [];
        foreach ($materials->cards as $one) {
            $under = [];
            foreach ($one->under as $heading => $lines) {
                $under[] = ['heading' => $heading, 'lines' => $lines];
            }
            $lists[] = ['title' => $one->title, 'under' => $under];
        }

        return new self($cards, $both, $paper, $lists, $materials->text());
    }

    /**
     * @param  list<int>  $numbers
     * @return MaterialsCard
     */
    private static function card(Card $card, array $numbers): array
    {
        return [
            'number' => $card->number,
            'label' => "{$card->number}, {$card->occasion->label()}",
            'isChosen' => $numbers === [] || in_array($card->number, $numbers, true),
        ];
    }
}
