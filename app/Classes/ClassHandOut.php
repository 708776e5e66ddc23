<?php

namespace App\Classes;

use App\Drawing\StepPicture;
use App\Files\ClassExport;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Files\Pdf;
use App\Models\ClassPlan;
use App\Wording\Minutes;
use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Card\Card;

/** The hand-out of a class: the steps that are done at the table, each with a drawing. */
final class ClassHandOut implements ClassExport
{
    public function path(): string
    {
        return 'hand-out.pdf';
    }

    public function label(): string
    {
        return 'Print the hand-out (PDF)';
    }

    public function media(): Media
    {
        return Media::Pdf;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::ForClass;
    }

    public function fileName(ClassPlan $class): string
    {
        return "class-$class->id-hand-out.pdf";
    }

    public function write(ClassPlan $class): string
    {
        $table = ClassTable::of($class);
        $html = view('class-hand-out', [
            'class' => $class,
            'cards' => array_map(static fn (Card $card): array => self::card($table, $card), $table->workshop->cards),
            'wide' => StepPicture::WIDE,
        ])->render();

        return Pdf::render($html, $table->unit)->bytes;
    }

    /** @return array{card: Card, steps: list<Step>, pictures: list<string|null>, time: string, cautions: list<string>} */
    private static function card(ClassTable $table, Card $card): array
    {
        $bench = CardAtBench::of($card, $table->components, $table->unit);
        $steps = array_values(array_filter($table->workshop->atTable(), static fn (Step $step): bool => $step->card === $card->number));

        return [
            'card' => $card,
            'steps' => $steps,
            'pictures' => array_map(static fn (Step $step): ?string => StepPicture::of($step, $bench), $steps),
            'time' => Minutes::of(array_sum(array_column($steps, 'seconds'))),
            'cautions' => array_values(array_unique(array_merge([], ...array_column($steps, 'cautions')))),
        ];
    }
}
