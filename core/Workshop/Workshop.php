<?php

declare(strict_types=1);

namespace KeepShare\Core\Workshop;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Bench\StepKinds;
use KeepShare\Core\Bench\Treat\Treatments;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Planner;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Cut\Terms;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * Some cards for a class: what goes into each bag, what is prepared beforehand and what is done at the table, and what
 * all of it takes, with spare parts for mistakes.
 */
final readonly class Workshop
{
    public const MOST_PEOPLE = 40;

    /** All straight cutting. It has no step, since it comes before the first step. */
    public const CUTTING = 'trim';

    /** Seconds for a cut, and for a new setting of the guide. */
    private const CUT = 8;

    private const SETTING = 15;

    /**
     * @param  list<Card>  $cards  one set
     * @param  array<string, Component>  $components  by id
     * @param  int  $spareIn  one spare of each part for so many people; 0 for none
     * @param  list<string>  $ahead  the kinds of steps that are done beforehand
     * @param  list<Step>  $steps  of one set
     */
    private function __construct(
        public array $cards,
        public array $components,
        public Unit $unit,
        public int $people,
        public int $spareIn,
        public array $ahead,
        public array $steps,
        private Trimmer $trimmer,
    ) {
    }

    /**
     * @param  list<Card>  $cards  one set, each known by its number
     * @param  array<string, Component>  $components  by id
     * @param  list<string>  $ahead  the kinds of steps that are done beforehand
     * @param  Trimmer|null  $trimmer  that all is cut with; null for one that is long enough
     */
    public static function of(
        array $cards,
        array $components,
        Unit $unit,
        int $people,
        int $spareIn,
        array $ahead,
        ?Trimmer $trimmer = null,
    ): self {
        $steps = [];
        foreach ($cards as $card) {
            $steps = [...$steps, ...StepKinds::stepsOf(CardAtBench::of($card, $components, $unit))];
        }

        return new self(
            $cards,
            $components,
            $unit,
            max(1, $people),
            max(0, $spareIn),
            $ahead,
            $steps,
            $trimmer ?? Trimmer::usual(),
        );
    }

    /** @return list<string> what is usually done beforehand: all that wants a tool of which there is one */
    public static function usuallyAhead(): array
    {
        return [self::CUTTING, 'score', 'shape', 'cut-picture', 'cut-pieces', Treatments::EMBOSS];
    }

    /** @return list<BagLine> what each gets, card by card */
    public function bag(): array
    {
        $lines = [];
        foreach ($this->cards as $card) {
            foreach ($card->takings as $taking) {
                if ($this->isPacked($taking)) {
                    $lines[] = $this->line($card, $taking);
                }
            }
        }

        return $lines;
    }

    /** What nobody counts stays with the leader. */
    private function isPacked(Taking $taking): bool
    {
        return isset($this->components[$taking->component])
            && ($taking->size !== null || ($taking->quantity > 0 && ! $this->components[$taking->component]->isEndless()));
    }

    private function line(Card $card, Taking $taking): BagLine
    {
        $done = $taking->size !== null && in_array(self::CUTTING, $this->ahead, true) ? ['cut'] : [];
        foreach ($taking->treated as $treated) {
            if (in_array($treated->treatment, $this->ahead, true)) {
                $done[] = Treatments::done($treated->treatment);
            }
        }

        return BagLine::of($card->number, $card->partName($taking->part), $taking, $done);
    }

    /** How many spares there are of a line. */
    public function sparesOf(BagLine $line): int
    {
        return $this->spareSets() * ($line->size === null ? $line->quantity : 1);
    }

    private function spareSets(): int
    {
        return $this->spareIn === 0 ? 0 : intdiv($this->people + $this->spareIn - 1, $this->spareIn);
    }

    /**
     * What every component is needed for, without what is never used up.
     *
     * @param  array<string, int>  $remade  how often the part of a line is made up again beyond its spares, by line
     * @return array<string, ClassNeed> by component
     */
    public function needs(array $remade = []): array
    {
        $pieces = $counts = $spares = [];
        foreach ($this->bag() as $line) {
            $spare = $this->sparesOf($line);
            $again = $remade[$line->id] ?? 0;
            $spares[$line->component] = ($spares[$line->component] ?? 0) + $spare;
            if ($line->size === null) {
                $each = ($this->people + $again) * $line->quantity + $spare;
                $counts[$line->component] = ($counts[$line->component] ?? 0) + $each;

                continue;
            }
            for ($n = 0; $n < $this->people + $spare + $again; $n++) {
                $pieces[$line->component][] = Piece::of("$n/$line->id", $line->size, $line->mayTurn);
            }
        }
        $needs = [];
        foreach ($this->components as $id => $component) {
            $own = $pieces[$id] ?? [];
            if ($own !== [] && $component->good instanceof SheetGood) {
                $needs[$id] = $this->sheets((string) $id, $component->good, $own, $spares[$id]);
            } elseif (isset($counts[$id])) {
                $needs[$id] = ClassNeed::of((string) $id, $counts[$id], $spares[$id], []);
            }
        }

        return $needs;
    }

    /** @param  non-empty-list<Piece>  $pieces */
    private function sheets(string $component, SheetGood $good, array $pieces, int $spares): ClassNeed
    {
        $stock = array_map(static fn (int $n): Stock => Stock::sheet("$n", $good->size()), range(1, self::enough($good->size(), $pieces)));
        $plan = Planner::plan($stock, $pieces, Terms::usual()->with($this->trimmer));
        $settings = [];
        foreach ($plan->sheets as $sheet) {
            foreach ($sheet->cuts() as $cut) {
                $settings[$cut->at()->units] = ($settings[$cut->at()->units] ?? 0) + 1;
            }
        }
        arsort($settings);

        return ClassNeed::of($component, $plan->sheetsOpened(), $spares, $settings);
    }

    /**
     * A number of sheets that is always enough: pieces of one size in rows, with nothing else beside them.
     *
     * @param  non-empty-list<Piece>  $pieces
     */
    private static function enough(Size $sheet, array $pieces): int
    {
        $many = $inRows = [];
        foreach ($pieces as $piece) {
            $key = "{$piece->size->width->units}x{$piece->size->height->units}/".(int) $piece->mayTurn;
            $many[$key] = ($many[$key] ?? 0) + 1;
            $lying = $piece->mayTurn ? self::inRows($piece->size->turned(), $sheet) : 0;
            $inRows[$key] ??= max(1, self::inRows($piece->size, $sheet), $lying);
        }
        $sheets = array_map(static fn (int $pieces, int $most): int => intdiv($pieces + $most - 1, $most), $many, $inRows);

        return (int) array_sum($sheets);
    }

    private static function inRows(Size $piece, Size $sheet): int
    {
        return intdiv($sheet->width->units, $piece->width->units) * intdiv($sheet->height->units, $piece->height->units);
    }

    /**
     * The cuts of all sheets together, so that the guide is set once for all cuts of one setting.
     *
     * @param  array<string, ClassNeed>  $needs
     * @return array<int, int> how many at each setting, in units, the one used most first
     */
    public static function settings(array $needs): array
    {
        $settings = [];
        foreach ($needs as $need) {
            foreach ($need->settings as $at => $cuts) {
                $settings[$at] = ($settings[$at] ?? 0) + $cuts;
            }
        }
        arsort($settings);

        return $settings;
    }

    /** @return array<string, int> the seconds that each kind of step takes for one set, in the order of the work; trimming not */
    public function kinds(): array
    {
        $kinds = [];
        foreach ($this->steps as $step) {
            $kinds[$step->kind] = ($kinds[$step->kind] ?? 0) + $step->seconds;
        }
        $order = array_map(static fn (StepKind $kind): string => $kind->key(), StepKinds::all());
        uksort($kinds, static fn (string $a, string $b): int => array_search($a, $order, true) <=> array_search($b, $order, true));

        return $kinds;
    }

    /** @return list<Step> what each does at the table, card by card */
    public function atTable(): array
    {
        return array_values(array_filter($this->steps, fn (Step $step): bool => ! in_array($step->kind, $this->ahead, true)));
    }

    /**
     * How long the leader needs beforehand for each kind of step, for everyone and the spares.
     *
     * @param  array<string, ClassNeed>  $needs
     * @return array<string, int> seconds
     */
    public function preparing(array $needs): array
    {
        $sets = $this->people + $this->spareSets();
        $times = [];
        if (in_array(self::CUTTING, $this->ahead, true)) {
            $settings = self::settings($needs);
            $times[self::CUTTING] = self::CUT * array_sum($settings) + self::SETTING * count($settings);
        }
        foreach (array_intersect_key($this->kinds(), array_flip($this->ahead)) as $kind => $seconds) {
            $times[$kind] = $sets * $seconds;
        }

        return $times;
    }

    /**
     * The timetable. Beginners take half as long again. While something dries the next step is begun. Waiting comes
     * only when nothing else is left.
     *
     * @return list<array{at: int, step: Step}> seconds from the beginning
     */
    public function clock(): array
    {
        $at = 0;
        $clock = [];
        $dry = [];
        $open = [];
        foreach ($this->atTable() as $step) {
            $open[$step->id] = $step;
        }
        while (($next = self::next($open, $dry, $at)) !== null) {
            [$step, $at] = $next;
            unset($open[$step->id]);
            $clock[] = ['at' => $at, 'step' => $step];
            $at += intdiv(3 * $step->seconds, 2);
            $dry[$step->id] = $at + $step->wait;
        }

        return $clock;
    }

    /**
     * The first step in the order of work that touches nothing wet. If everything is wet, what dries first.
     *
     * @param  array<string, Step>  $open  by id
     * @param  array<string, int>  $dry  when what is done is dry
     * @return array{Step, int}|null with when it can be begun
     */
    private static function next(array $open, array $dry, int $now): ?array
    {
        $soonest = null;
        foreach ($open as $step) {
            if (array_intersect_key($open, array_flip($step->after)) !== []) {
                continue;
            }
            $when = max([$now, ...array_intersect_key($dry, array_flip($step->after))]);
            if ($when === $now) {
                return [$step, $now];
            }
            $soonest = $soonest === null || $when < $soonest[1] ? [$step, $when] : $soonest;
        }

        return $soonest;
    }

    /**
     * How a lost or spoiled bag is packed again: each line from the spares while there are some, then from what is
     * left.
     *
     * @param  int  $lost  bags that were lost before it
     * @return array<string, bool> by line, whether a spare is left for it
     */
    public function fromSpares(int $lost): array
    {
        $from = [];
        foreach ($this->bag() as $line) {
            $one = $line->size === null ? $line->quantity : 1;
            $from[$line->id] = ($lost + 1) * $one <= $this->sparesOf($line);
        }

        return $from;
    }

    /** @return array<string, int> by line, how often it is made up beyond its spares when so many bags were lost */
    public function remade(int $lost): array
    {
        $remade = [];
        foreach ($this->bag() as $line) {
            $one = $line->size === null ? $line->quantity : 1;
            $remade[$line->id] = max(0, $lost - intdiv($this->sparesOf($line), max(1, $one)));
        }

        return $remade;
    }
}
