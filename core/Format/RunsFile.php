<?php

declare(strict_types=1);

namespace KeepShare\Core\Format;

use KeepShare\Core\Bench\Halt;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\MakingPlan;
use KeepShare\Core\Bench\Step;

/** The open format keepshare/runs, version 1: docs/formats/runs.schema.json. */
final class RunsFile
{
    public const FORMAT = 'keepshare/runs';

    public const VERSION = 1;

    /**
     * @param  int|null  $within  seconds there are; null for as long as it takes
     * @return array<string, mixed>
     */
    public static function write(string $kit, MakingPlan $plan, ?int $within = null): array
    {
        $order = $plan->order;
        $steps = [];
        foreach ($order->steps as $i => $n) {
            $steps[] = self::step($plan->jobs->steps[$n], $order->starts[$i]);
        }
        $complete = [];
        foreach ($order->complete as $card => $at) {
            $complete[] = ['card' => $card, 'at' => self::minutes($at)];
        }
        usort($complete, static fn (array $a, array $b): int => [$a['at'], $a['card']] <=> [$b['at'], $b['card']]);

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'kit' => $kit,
            'school' => $plan->school->value,
            'setup' => self::minutes(HandTool::SET_UP),
            'steps' => $steps,
            'runs' => array_map(static fn (array $run): array => [
                'tool' => $run['tool']->name,
                'steps' => array_column($run['steps'], 'id'),
            ], $plan->runs()),
            'setups' => $order->setUps,
            'minutes' => self::minutes($order->seconds()),
            'hands' => self::minutes($order->hands),
            'bound' => ['setups' => $plan->leastSetUps, 'minutes' => self::minutes($plan->leastSeconds)],
            'complete' => $complete,
            ...$within === null ? [] : ['stop' => [
                'minutes' => self::minutes($within),
                'most' => self::halt(Halt::latest($plan, $within)),
                'clean' => self::halt(Halt::clean($plan, $within)),
            ]],
        ];
    }

    /** @return array<string, mixed> */
    private static function step(Step $step, int $start): array
    {
        return [
            'id' => $step->id,
            'card' => $step->card,
            'kind' => $step->kind,
            'tool' => $step->tool->name,
            'surface' => $step->tool->surface,
            'minutes' => self::minutes($step->seconds),
            'wait' => self::minutes($step->wait),
            'after' => $step->after,
            'start' => self::minutes($start),
            'says' => $step->says,
            'cautions' => $step->cautions,
        ];
    }

    /** @return array<string, mixed> */
    private static function halt(Halt $halt): array
    {
        $left = [];
        foreach ($halt->left as $card => $how) {
            $left[] = ['card' => $card, 'how' => $how->value];
        }

        return [
            'after' => $halt->after,
            'at' => self::minutes($halt->at),
            'complete' => $halt->complete,
            'left' => $left,
        ];
    }

    private static function minutes(int $seconds): int|float
    {
        return $seconds % 60 === 0 ? intdiv($seconds, 60) : round($seconds / 60, 2);
    }
}
