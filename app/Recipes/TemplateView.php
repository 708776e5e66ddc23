<?php

namespace App\Recipes;

use App\Drawing\CutDrawing;
use App\View\GoodView;
use KeepShare\Core\Cut\Cut;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Recipe\Letter;
use KeepShare\Core\Recipe\Recipe;

/**
 * A sheet of a letter with its cuts, to be read beside the trimmer: each piece with its card, its part, its size and
 * its upper side.
 *
 * @phpstan-import-type DrawnSheet from CutDrawing
 * @phpstan-import-type CutLine from GoodView
 *
 * @phpstan-type TemplateCut array{number: int, at: string, from: string, turn: bool, inHand: string, line: CutLine}
 * @phpstan-type TemplatePiece array{card: int, part: string, size: string, stands: bool, x: int, y: int, width: int, height: int}
 */
final readonly class TemplateView
{
    private function __construct(private Recipe $recipe, private Letter $letter, private int $sheet)
    {
    }

    /** @param  int  $sheet  from 0 */
    public static function of(Recipe $recipe, Letter $letter, int $sheet): self
    {
        return new self($recipe, $letter, $sheet);
    }

    public function name(): string
    {
        $many = count($this->letter->plans);

        return "Paper {$this->letter->letter}".($many === 1 ? '' : sprintf(', sheet %d of %d', $this->sheet + 1, $many));
    }

    /** @return DrawnSheet */
    public function drawn(): array
    {
        $plan = $this->letter->plans[$this->sheet];

        return [
            'component' => $this->letter->letter,
            'size' => GoodView::size($plan->stock->size),
            'parts' => array_map($this->part(...), $plan->leaves()),
            'cuts' => $this->cuts(),
            'blemishes' => [],
        ];
    }

    /** @return list<TemplateCut> in the order to make them */
    public function cuts(): array
    {
        $wasDown = false;
        $cuts = [];
        foreach ($this->letter->plans[$this->sheet]->cuts() as $cut) {
            $isDown = $cut->direction() === Direction::Down;
            $cuts[] = $this->cut($cut, $isDown, $isDown !== $wasDown);
            $wasDown = $isDown;
        }

        return $cuts;
    }

    /** @return TemplateCut */
    private function cut(Cut $cut, bool $isDown, bool $turn): array
    {
        return [
            'number' => $cut->number,
            'at' => $cut->at()->label($this->recipe->unit),
            'from' => $isDown ? 'left' : 'upper',
            'turn' => $turn,
            'inHand' => $cut->part()->size->format($this->recipe->unit),
            'line' => GoodView::line($cut),
        ];
    }

    /** @return list<TemplatePiece> the pieces for cards */
    public function pieces(): array
    {
        return array_map(fn (Leaf $leaf): array => $this->piece($leaf), $this->letter->plans[$this->sheet]->pieces());
    }

    /** @return TemplatePiece */
    private function piece(Leaf $leaf): array
    {
        [$number, $part] = explode('/', (string) $leaf->piece, 2);

        return [
            'card' => (int) $number,
            'part' => $this->recipe->card((int) $number)?->partName($part) ?? $part,
            'size' => $leaf->rect()->size->format($this->recipe->unit),
            'stands' => ! $leaf->turned,
            ...GoodView::box($leaf->rect()),
        ];
    }

    /** @return array{x: int, y: int, width: int, height: int, label: string, measure: string, isKept: bool} */
    private function part(Leaf $leaf): array
    {
        $piece = $leaf->piece === null ? null : $this->piece($leaf);

        return [
            ...GoodView::box($leaf->rect()),
            'label' => $piece === null ? 'scrap' : "{$piece['card']} {$piece['part']} ".($piece['stands'] ? '↑' : '←'),
            'measure' => $leaf->rect()->size->format($this->recipe->unit),
            'isKept' => $piece === null,
        ];
    }
}
