<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Kit\ToolKind;
use KeepShare\Core\Sketch\FormKind;
use KeepShare\Core\Sketch\Laid;

/** Shapes that are hard to cut by scissors, when the maker has no die or punch for them. */
final class ToolsAtHand implements Check
{
    /** A die a sixteenth of an inch larger or smaller will do. */
    private const EASE = 12_700;

    public function key(): string
    {
        return 'tools-at-hand';
    }

    public function look(CardInHand $card): array
    {
        $findings = [];
        foreach ($card->layout->parts as $laid) {
            $wants = match ($laid->part->form->kind) {
                FormKind::Round => 'a die or punch for a circle of '.$laid->rect->size->width->label($card->unit),
                FormKind::Scallop => 'a punch or die for a scalloped edge',
                default => null,
            };
            if ($wants !== null && ! self::has($card, $laid)) {
                $findings[] = Finding::hint(
                    $this->key(),
                    "The {$laid->part->name} needs $wants, and none is among your tools.",
                    'Draw it round something and cut it by scissors, or change its size to one you have.',
                );
            }
        }

        return $findings;
    }

    private static function has(CardInHand $card, Laid $laid): bool
    {
        foreach ($card->components as $component) {
            $tool = $component->good;
            if (! $tool instanceof Tool || ! in_array($tool->tool, [ToolKind::Die, ToolKind::Punch], true)) {
                continue;
            }
            if ($laid->part->form->kind === FormKind::Scallop) {
                // An edge punch cannot cut a whole shape.
                if ($tool->shape === null) {
                    return true;
                }

                continue;
            }
            if (
                $tool->shape === Shape::Circle
                && $tool->makes !== null
                && abs($tool->makes->width->units - $laid->rect->size->width->units) <= self::EASE
            ) {
                return true;
            }
        }

        return false;
    }
}
