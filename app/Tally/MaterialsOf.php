<?php

namespace App\Tally;

use App\Models\Kit;
use App\Table\TableState;
use App\Table\Workbench;
use KeepShare\Core\Materials\AsMarkdown;
use KeepShare\Core\Materials\AsText;
use KeepShare\Core\Materials\CardMaterials;
use KeepShare\Core\Materials\Lines;
use KeepShare\Core\Materials\Measured;

/** The materials and measures of some or all cards of a kit, written for another maker. */
final readonly class MaterialsOf
{
    /**
     * @param  list<Lines>  $cards
     * @param  list<string>  $about
     */
    private function __construct(public Kit $kit, public array $about, public array $cards)
    {
    }

    /** @param  list<int>  $numbers  of the cards; none for all */
    public static function cards(Kit $kit, array $numbers, bool $both): self
    {
        $bench = Workbench::of(TableState::of($kit));
        $measured = Measured::in($kit->unit, $both);
        $cards = [];
        foreach ($bench->cards as $id => $card) {
            if ($numbers === [] || in_array($card->card->number, $numbers, true)) {
                $cards[] = Lines::of(CardMaterials::of($card, $bench->steps[$id] ?? []), $measured);
            }
        }

        return new self($kit, self::about($kit, count($cards)), $cards);
    }

    public function markdown(): string
    {
        return AsMarkdown::of($this->title(), $this->about, $this->cards);
    }

    public function text(): string
    {
        return AsText::of($this->title(), $this->about, $this->cards);
    }

    public function title(): string
    {
        return "{$this->kit->name}: materials and measures";
    }

    /** @return list<string> */
    private static function about(Kit $kit, int $cards): array
    {
        return [
            ($cards === 1 ? 'One card' : "$cards cards").' from one kit. Sizes are width by height, as the piece lies on the card.',
            'The instructions of the makers of your tools and materials come first.',
        ];
    }
}
