<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Bench\Treat\Treatments;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Kit\Tool;

/** A treatment needs its tool. A folder that was given away embosses nothing. */
final class TreatmentTools implements Check
{
    public function key(): string
    {
        return 'treatment-tools';
    }

    public function look(CardInHand $card): array
    {
        $findings = [];
        foreach ($card->card->takings as $taking) {
            foreach ($taking->treated as $treated) {
                $finding = self::isThere($treated, $card)
                    ? $this->tooSmall($taking, $treated, $card)
                    : $this->finding($taking, $treated, $card);
                $findings = $finding === null ? $findings : [...$findings, $finding];
            }
        }

        return $findings;
    }

    private static function isThere(Treated $treated, CardInHand $card): bool
    {
        $treatment = Treatments::all()[$treated->treatment] ?? null;
        $tool = $card->components[$treated->tool ?? ''] ?? null;

        return $treatment?->isWithoutTool() === true || ($tool !== null && $treatment?->isDoneWith($tool) === true);
    }

    /** A folder or a stencil must be as large as the part. */
    private function tooSmall(Taking $taking, Treated $treated, CardInHand $card): ?Finding
    {
        $tool = $card->components[$treated->tool ?? ''] ?? null;
        $makes = $tool?->good instanceof Tool ? $tool->good->makes : null;
        if ($tool === null || $makes === null || $taking->size === null || $taking->size->fitsIn($makes, true)) {
            return null;
        }
        $name = $card->card->partName($taking->part);

        return Finding::of(
            $this->key(),
            "$tool->name, {$makes->label($card->unit)}, is smaller than the $name: its edge would show.",
            'Do one end after the other, let only a part of it be treated, or leave it plain.',
            Repair::treat('Leave it plain', $taking->part, $treated->treatment, null),
        );
    }

    private function finding(Taking $taking, Treated $treated, CardInHand $card): Finding
    {
        $name = $card->card->partName($taking->part);
        $treatment = Treatments::all()[$treated->treatment] ?? null;
        $done = Treatments::done($treated->treatment);
        $repairs = [Repair::treat('Leave it plain', $taking->part, $treated->treatment, null)];
        foreach ($card->components as $component) {
            if ($treatment?->isDoneWith($component) === true) {
                $repairs[] = Repair::treat("Take $component->name", $taking->part, $treated->treatment, $component->id);
            }
        }

        return Finding::of(
            $this->key(),
            "The $name is to be $done, and the tool for it is not there.",
            'Take another, or leave it plain.',
            ...array_slice($repairs, 0, 3),
        );
    }
}
