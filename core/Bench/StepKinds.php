<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

use KeepShare\Core\Bench\Kind\BuildFold;
use KeepShare\Core\Bench\Kind\CutPicture;
use KeepShare\Core\Bench\Kind\CutPieces;
use KeepShare\Core\Bench\Kind\DryFit;
use KeepShare\Core\Bench\Kind\Embellish;
use KeepShare\Core\Bench\Kind\GlueToFront;
use KeepShare\Core\Bench\Kind\LayMend;
use KeepShare\Core\Bench\Kind\LayPieces;
use KeepShare\Core\Bench\Kind\LineInside;
use KeepShare\Core\Bench\Kind\MatLayer;
use KeepShare\Core\Bench\Kind\PlacePicture;
use KeepShare\Core\Bench\Kind\ScoreBase;
use KeepShare\Core\Bench\Kind\SetWords;
use KeepShare\Core\Bench\Kind\ShapePart;
use KeepShare\Core\Bench\Kind\SignAndPack;
use KeepShare\Core\Bench\Kind\StampPicture;
use KeepShare\Core\Bench\Kind\StampWords;
use KeepShare\Core\Bench\Kind\TieBow;
use KeepShare\Core\Bench\Kind\TreatPart;
use KeepShare\Core\Bench\Treat\Treatments;

/** Every kind of step, in the order in which a card meets them. */
final class StepKinds
{
    /** @var list<StepKind>|null */
    private static ?array $all = null;

    /** @var array<string, StepKind>|null */
    private static ?array $byKey = null;

    /** @return list<StepKind> */
    public static function all(): array
    {
        return self::$all ??= [
            new ScoreBase,
            new ShapePart,
            new CutPicture,
            new CutPieces,
            ...array_map(TreatPart::by(...), array_values(Treatments::all())),
            new StampPicture,
            new StampWords,
            new TieBow,
            new DryFit,
            new MatLayer,
            new BuildFold,
            new GlueToFront,
            new LayMend,
            new LayPieces,
            new PlacePicture,
            new SetWords,
            new LineInside,
            new SignAndPack,
            new Embellish,
        ];
    }

    public static function of(string $key): ?StepKind
    {
        self::$byKey ??= array_combine(array_map(static fn (StepKind $kind): string => $kind->key(), self::all()), self::all());

        return self::$byKey[$key] ?? null;
    }

    /**
     * All steps of a card, each with the steps it depends on. A step that is implied by another is not named.
     *
     * @return list<Step>
     */
    public static function stepsOf(CardAtBench $card): array
    {
        $steps = array_merge(...array_map(static fn (StepKind $kind): array => $kind->steps($card), self::all()));
        $order = array_keys($steps);
        usort($order, static fn (int $a, int $b): int => [$steps[$a]->phase->value, $a] <=> [$steps[$b]->phase->value, $b]);
        $ordered = [];
        $before = [];
        foreach ($order as $n) {
            $step = $steps[$n];
            $own = [];
            foreach ($ordered as $earlier) {
                if ($earlier->comesBefore($step)) {
                    $own[$earlier->id] = $before[$earlier->id];
                }
            }
            $before[$step->id] = array_merge(array_keys($own), ...array_values($own));
            $ordered[] = $step->after(array_values(array_diff(array_keys($own), ...array_values($own))));
        }

        return $ordered;
    }
}
