<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Card\Need;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;

/** For how many more cards each thing would be enough by itself, so that one look shows what is out of balance. */
final readonly class Balance
{
    /**
     * @param  string  $what  "paper", "pictures"
     * @param  int|null  $cards  null for any number
     */
    private function __construct(public string $what, public ?int $cards)
    {
    }

    /** @return list<self> */
    public static function of(Table $table): array
    {
        $needs = Bound::forEach($table);
        $counts = ['pictures' => 0, 'foam' => 0, 'envelopes' => 0];
        foreach ($table->components as $component) {
            $left = $table->offers($component->id) ? max(0, $table->free[$component->id] ?? 0) : 0;
            $counts['pictures'] += $component->isFocalPoint() ? $left : 0;
            $counts['foam'] += $component->good instanceof Foam ? intdiv($left, Foam::A_CARD) : 0;
            $counts['envelopes'] += $component->kind() === Kind::Envelope ? $left : 0;
        }
        $words = $needs[Need::Sentiment->value] ?? 0;

        return [
            new self('paper', self::byPaper($table)),
            new self('pictures', $counts['pictures']),
            new self('words', self::upTo($words)),
            new self('foam', $counts['foam']),
            new self('bases', $needs[Need::Base->value] ?? 0),
            new self('envelopes', $counts['envelopes']),
        ];
    }

    /** By the paper and cardstock of an ordinary card: the median of all sketches. */
    private static function byPaper(Table $table): int
    {
        $areas = [];
        foreach ($table->sketches as $sketch) {
            $layout = $table->layouts->of($sketch, $table->front);
            $areas[] = $layout === null ? 0.0 : array_sum(Areas::of($layout));
        }
        $areas = array_filter($areas);
        sort($areas);
        $usual = $areas[intdiv(count($areas), 2)] ?? 0.0;

        return $usual === 0.0 ? 0 : (int) floor((Areas::left($table, true) + Areas::left($table, false)) / $usual);
    }

    private static function upTo(int $cards): ?int
    {
        return $cards >= Preferences::MOST_CARDS ? null : $cards;
    }
}
