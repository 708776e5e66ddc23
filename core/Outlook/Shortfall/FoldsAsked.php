<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Design\Folding;
use KeepShare\Core\Fold\FoldKind;

/** A number of cards with a fold. */
final class FoldsAsked implements Asked
{
    public function look(Finished $out): array
    {
        $short = [];
        foreach ($out->wishes->folds as $value => $many) {
            $fold = FoldKind::from($value);
            $have = $out->count(static fn (Card $card): bool => $card->fold === $fold);
            if ($have < $many) {
                $says = $have === 0
                    ? "No card with {$fold->oneOf()}, of the $many you asked for."
                    : "Only $have of the $many cards with {$fold->oneOf()} you asked for.";
                $short[] = Shortfall::of("fold $value", $says, self::why($out, $fold));
            }
        }

        return $short;
    }

    /** Cards with a fold are made first, so what stopped the next one stopped it at that time. */
    private static function why(Finished $out, FoldKind $fold): string
    {
        $isAsked = static fn (Card $card): bool => isset($out->wishes->folds[$card->fold->value]) || $out->wishes->follows($card);

        return Folding::on($out->afterOnly($isAsked), $fold)->whyNot()
            ?? Folding::on($out->after, $fold)->whyNot()
            ?? 'No further one was found that can be cut and closes flat.';
    }
}
