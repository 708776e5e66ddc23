<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/**
 * The line along which a ready-made piece is cut, read from a photograph: its outline first, then its windows. Units
 * are thousandths of the box of its size.
 *
 * @phpstan-type Spot array{int, int}
 * @phpstan-type Line non-empty-list<Spot>
 */
final readonly class CutLine
{
    public const BOX = 1_000;

    private const MOST_LINES = 12;

    private const MOST_POINTS = 90;

    /** The number of points with which overlaps are computed. */
    private const ROUGH = 16;

    /** @param  non-empty-list<Line>  $lines */
    private function __construct(public array $lines)
    {
    }

    /**
     * @param  list<list<Spot>>  $lines
     *
     * @throws BadKit
     */
    public static function of(array $lines): self
    {
        $kept = [];
        foreach (array_slice($lines, 0, self::MOST_LINES) as $line) {
            if (count($line) >= 3) {
                $kept[] = self::fewer($line, self::MOST_POINTS);
            }
        }

        return $kept === [] ? throw BadKit::at('outline', 'expected three points at least.') : new self($kept);
    }

    /**
     * Each line as a text of points: "0,0 1000,0 500,1000".
     *
     * @throws BadKit
     */
    public static function read(Fields $fields, string $key): self
    {
        $lines = [];
        foreach ($fields->items($key) as $i => $text) {
            if (! is_string($text) || preg_match('/^\d{1,4},\d{1,4}( \d{1,4},\d{1,4}){2,}$/', $text) !== 1) {
                throw BadKit::at(
                    $fields->place($key)."[$i]",
                    'expected points in thousandths of the piece, such as "0,0 1000,0 500,1000".',
                );
            }
            $line = array_map(self::spot(...), explode(' ', $text));
            if (count($line) > self::MOST_POINTS || max(array_map(static fn (array $spot): int => max($spot), $line)) > self::BOX) {
                throw BadKit::at(
                    $fields->place($key)."[$i]",
                    sprintf('expected up to %d points from 0 to %d.', self::MOST_POINTS, self::BOX),
                );
            }
            $lines[] = $line;
        }
        if ($lines === [] || count($lines) > self::MOST_LINES) {
            throw BadKit::at($fields->place($key), sprintf('expected one to %d lines.', self::MOST_LINES));
        }

        return self::of($lines);
    }

    /** @return non-empty-list<string> */
    public function texts(): array
    {
        return array_map(static fn (array $line): string => self::joined($line, ',', ' '), $this->lines);
    }

    /** As an SVG path within its box. */
    public function path(): string
    {
        return implode('', array_map(static fn (array $line): string => 'M'.self::joined($line, ' ', 'L').'Z', $this->lines));
    }

    /** @return Line its outline in few points, in hundredths */
    public function rough(): array
    {
        return array_map(
            static fn (array $spot): array => [intdiv($spot[0] + 5, 10), intdiv($spot[1] + 5, 10)],
            self::fewer($this->lines[0], self::ROUGH),
        );
    }

    /** @return Spot */
    private static function spot(string $text): array
    {
        [$x, $y] = [...explode(',', $text), '0'];

        return [(int) $x, (int) $y];
    }

    /** @param  Line  $line */
    private static function joined(array $line, string $within, string $between): string
    {
        $spots = array_map(static fn (array $spot): string => $spot[0].$within.$spot[1], $line);

        return implode($between, $spots);
    }

    /**
     * Without the points that matter least: those that make the smallest triangles with their neighbours (M.
     * Visvalingam and J. D. Whyatt, 1993).
     *
     * @param  Line  $line
     * @return Line
     */
    private static function fewer(array $line, int $most): array
    {
        while (count($line) > $most) {
            $many = count($line);
            $least = 0;
            $smallest = PHP_INT_MAX;
            foreach ($line as $n => [$x, $y]) {
                [[$ax, $ay], [$bx, $by]] = [$line[($n + $many - 1) % $many], $line[($n + 1) % $many]];
                $area = abs(($x - $ax) * ($by - $ay) - ($bx - $ax) * ($y - $ay));
                [$least, $smallest] = $area < $smallest ? [$n, $area] : [$least, $smallest];
            }
            array_splice($line, $least, 1);
        }

        return $line === [] ? [[0, 0]] : $line;
    }
}
