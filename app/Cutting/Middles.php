<?php

namespace App\Cutting;

use App\Models\Card;
use App\Models\Sheet;
use App\Models\Taking;
use App\Table\TableState;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Visibility;

/** The middle of a part that no one sees on the finished card. It can be cut out and used elsewhere. */
final readonly class Middles
{
    private function __construct(public Taking $taking, public int $card, public Size $size)
    {
    }

    /** @return list<self> of the cards that are not made yet */
    public static function of(TableState $state): array
    {
        $middles = [];
        $lost = array_flip(array_filter($state->sheets->map(static fn (Sheet $sheet): ?int => $sheet->parent_id)->all()));
        foreach ($state->cards->whereNull('made_at') as $card) {
            array_push($middles, ...self::ofCard($card, $state, $lost));
        }

        return $middles;
    }

    /**
     * @param  array<int, int>  $lost  pieces whose middle is out, by id
     * @return list<self>
     */
    private static function ofCard(Card $card, TableState $state, array $lost): array
    {
        $layout = $card->toCore()->layout($state->kit->unit);
        $visibility = Visibility::of($layout);
        $middles = [];
        foreach ($layout->parts as $laid) {
            $size = $visibility->spareOf($laid->part->id);
            $taking = $card->takings->firstWhere('part', $laid->part->id);
            if ($size !== null && $taking !== null && ! isset($lost[$taking->sheet_id ?? 0])) {
                $middles[] = new self($taking->setRelation('card', $card), $card->number, $size);
            }
        }

        return $middles;
    }

    /** The part is cut, so its middle can be. */
    public function isThere(): bool
    {
        return $this->taking->sheet_id !== null;
    }
}
