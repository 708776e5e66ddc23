<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Sketch\FormKind;

/** Cuts circles, tags, fishtails and openings. Straight cuts cannot make these. */
final class ShapePart implements StepKind
{
    public function key(): string
    {
        return 'shape';
    }

    public function label(): string
    {
        return 'Cut shapes';
    }

    public function seconds(): int
    {
        return 60;
    }

    public function steps(CardAtBench $card): array
    {
        $steps = [];
        foreach ($card->layout->parts as $laid) {
            $form = $laid->part->form;
            $done = $form->kind === FormKind::Diagonal
                ? null
                : $form->afterwards($laid->cut, $card->card->lengthsOf($laid->part, $card->layout, $card->unit), $card->unit);
            if ($done !== null) {
                $steps[] = Step::of(
                    $card->card->number,
                    $this,
                    Phase::Shaped,
                    [$laid->part->id],
                    self::tool($form->kind),
                    $form->kind === FormKind::Window ? 2 * $this->seconds() : $this->seconds(),
                    ucfirst($laid->part->name).": $done.",
                    cautions: [Cautions::BLADE],
                );
            }
        }

        return $steps;
    }

    private static function tool(FormKind $kind): HandTool
    {
        return match ($kind) {
            FormKind::Round => HandTool::of('circle-cutter', 'circle die, punch or cutter', HandTool::CUTTING_MAT),
            FormKind::Rounded => HandTool::of('corner-rounder', 'corner rounder'),
            FormKind::Scallop => HandTool::of('border-punch', 'border punch'),
            FormKind::Window => HandTool::of('craft-knife', 'craft knife and ruler', HandTool::CUTTING_MAT),
            default => HandTool::scissors(),
        };
    }
}
