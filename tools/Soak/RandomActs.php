<?php

namespace Tools\Soak;

use Random\Randomizer;

/** A random next act from what the page shows. */
final readonly class RandomActs
{
    private const KINDS = [
        'more', 'more', 'fewer', 'fewer', 'swap', 'swap', 'pin', 'use', 'move', 'move', 'add', 'duplicate', 'aside', 'remove', 'put-back',
        'undo', 'undo', 'redo', 'count', 'cut', 'cut', 'share-out', 'accept', 'keep', 'step',
    ];

    public function __construct(private Randomizer $random)
    {
    }

    /**
     * @param  array<string, mixed>  $page  Share out, as the client sees it
     * @return array{string, string, array<string, mixed>} its name, where it is asked for and with what
     */
    public function next(Client $client, int $kit, array $page): array
    {
        $cards = array_column($page['cards'], 'id');
        $lines = array_merge(...array_column($page['groups'], 'lines'));
        $kind = $cards === [] ? 'share-out' : (string) $this->any(self::KINDS);
        $card = $this->any($cards);
        $its = array_filter($lines, static fn (array $line): bool => ($line['cells'][$card] ?? []) !== []);
        $line = $this->any(array_column($this->random->getInt(0, 3) > 0 && $its !== [] ? $its : $lines, 'id'));
        $cell = ['card' => $card, 'component' => $line];
        $at = static fn (string $path, array $data = []): array => [$kind, "/kits/$kit/$path", $data];

        return match ($kind) {
            'more', 'fewer' => $at('grid/more', [...$cell, 'by' => $kind === 'more' ? 1 : -1]),
            'swap', 'use' => $at("grid/$kind", $cell),
            'pin' => $at('grid/pin', $this->random->getInt(0, 1) === 0 ? $cell : ['card' => $card]),
            'move' => $at('grid/move', ['component' => $line, 'from' => $card, 'to' => $this->any([null, ...$cards])]),
            'duplicate', 'aside', 'remove' => $at("grid/$kind", ['card' => $card]),
            'put-back' => $at('share-out/solutions/'.($this->any(array_column($page['asides'], 'id')) ?? 0).'/put-back'),
            'accept' => $at('share-out/solutions/'.($page['proposal']['id'] ?? 0).'/accept'),
            'share-out' => $at('share-out', $this->shareOut()),
            'count' => [$kind, ...$this->count($client, $kit)],
            'cut' => [$kind, ...$this->cut($client, $kit)],
            'step' => [$kind, ...$this->step($client, $kit)],
            'keep' => $at('share-out/keep', ['name' => 'Kept '.$this->random->getInt(1, 1_000_000)]),
            'add' => $at('grid/add'),
            default => $at($kind),
        };
    }

    /** @return array<string, mixed> */
    private function shareOut(): array
    {
        $isMost = $this->random->getInt(0, 4) === 0;

        return [
            'cards' => $isMost ? 'max' : (string) $this->random->getInt(4, 14),
            'stash' => $this->random->getInt(0, 1) === 1,
            'words' => $this->any(['again', 'once', 'freely']),
            'keep' => $this->random->getInt(0, 1) === 1,
        ];
    }

    /** @return array{string, array<string, mixed>} */
    private function count(Client $client, int $kit): array
    {
        $lines = $client->look("/kits/$kit/count")['lines'] ?? [];
        $line = $this->any(array_filter($lines, static fn (array $one): bool => $one['isCountable'] && ! $one['isByLength']));
        $counted = max(0, ($line['here'] ?? 0) + $this->random->getInt(-1, 1));

        return ["/kits/$kit/count/".($line['id'] ?? 0), ['counted' => $counted, 'was' => $line['here'] ?? 0, 'reason' => 'lost']];
    }

    /** @return array{string, array<string, mixed>} */
    private function cut(Client $client, int $kit): array
    {
        $sheet = $client->look("/kits/$kit/cut")['sheet']['id'] ?? 0;

        return ["/kits/$kit/cut/$sheet".$this->any(['', '/once']), []];
    }

    /** @return array{string, array<string, mixed>} */
    private function step(Client $client, int $kit): array
    {
        $step = $client->look("/kits/$kit/make/table")['step'] ?? null;

        return ["/kits/$kit/make/".($step['id'] ?? 0), ['step' => $step['step'] ?? '']];
    }

    /**
     * @template T
     *
     * @param  array<array-key, T>  $of
     * @return T|null
     */
    private function any(array $of): mixed
    {
        return $of === [] ? null : array_values($of)[$this->random->getInt(0, count($of) - 1)];
    }
}
