<?php

namespace App\Photographs;

use App\Models\Kit;
use App\Models\Photograph;
use App\Models\PhotographKind;
use App\View\ChoiceView;
use App\View\Page;

/**
 * Where photographs are brought in, and those that are not saved yet.
 *
 * @phpstan-import-type Choice from ChoiceView
 *
 * @phpstan-type Laid array{id: int, what: string, at: string, says: string, isFault: bool}
 */
final readonly class PhotographsPage extends Page
{
    /**
     * @param  list<Laid>  $laid
     * @param  list<Choice>  $orders
     * @param  string  $front  the size of a card of this kit, in its unit
     */
    private function __construct(
        public array $laid,
        public array $orders,
        public string $front,
        public string $sheet,
        public int $mostMegabytes,
    ) {
    }

    public static function of(Kit $kit): self
    {
        $laid = Photograph::query()->where(['kit_id' => $kit->id, 'is_kept' => false])->latest('id')->get();
        $front = $kit->front();

        return new self(
            array_values($laid->map(self::laid(...))->all()),
            ChoiceView::all(PaperOrder::cases(), static fn (PaperOrder $order): string => $order->label()),
            "{$front->width->exact($kit->unit)} x {$front->height->exact($kit->unit)}",
            $kit->unit->value === 'in' ? '6 x 6' : '150 x 150',
            intdiv(Photograph::MOST_BYTES, 1_000_000),
        );
    }

    /** @return Laid */
    private static function laid(Photograph $one): array
    {
        $many = $one->files === 1 ? 'a photograph' : "$one->files photographs";

        return [
            'id' => $one->id,
            'what' => $one->what === PhotographKind::Pieces ? 'A table of pieces' : "Papers on $many",
            'at' => (string) $one->created_at?->toIso8601String(),
            'says' => $one->isUnderWay() ? 'being read' : $one->says,
            'isFault' => ! $one->isUnderWay() && ! is_file($one->foundFile()),
        ];
    }
}
