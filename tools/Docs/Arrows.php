<?php

namespace Tools\Docs;

use Illuminate\Support\Facades\File;

/** Which folders need which others: an arrow for every folder of which a file names a class. */
final readonly class Arrows
{
    /** @param  array<string, list<string>>  $to  the folders that each one needs */
    private function __construct(private string $root, public array $to)
    {
    }

    /** @param  string  $root  such as "core", the folder of the namespace */
    public static function in(string $root, string $namespace): self
    {
        $to = [];
        foreach (File::directories(base_path($root)) as $folder) {
            $needs = [];
            foreach (File::allFiles($folder) as $file) {
                preg_match_all('/'.preg_quote($namespace, '/').'\\\\(\w+)\\\\/', $file->getContents(), $found);
                $needs = [...$needs, ...$found[1]];
            }
            $to[basename($folder)] = array_values(array_unique(array_diff($needs, [basename($folder)])));
        }
        ksort($to);

        return new self($root, array_map(self::sorted(...), $to));
    }

    /** @return list<string> folders that need each other, the first again at the end; none where there is no circle */
    public function circle(): array
    {
        foreach (array_keys($this->to) as $folder) {
            $way = $this->wayBack($folder, $folder, []);
            if ($way !== []) {
                return [$folder, ...$way];
            }
        }

        return [];
    }

    /** As a Markdown table with the folders that need the fewest first, so that every arrow points up. */
    public function table(): string
    {
        $rows = [];
        foreach ($this->order() as $folder) {
            $rows[] = "| `$this->root/$folder` | ".(implode(', ', $this->to[$folder]) ?: 'nothing').' |';
        }

        return "| folder | needs |\n|---|---|\n".implode("\n", $rows)."\n";
    }

    /** @return list<string> every folder after those it needs */
    private function order(): array
    {
        $order = [];
        $left = $this->to;
        while ($left !== []) {
            $free = array_filter($left, static fn (array $needs): bool => array_diff($needs, $order) === []);
            // In a circle there is no order, so they stay as they are.
            foreach (array_keys($free === [] ? $left : $free) as $folder) {
                $order[] = $folder;
                unset($left[$folder]);
            }
        }

        return $order;
    }

    /**
     * @param  list<string>  $seen
     * @return list<string>
     */
    private function wayBack(string $from, string $to, array $seen): array
    {
        foreach ($this->to[$from] ?? [] as $next) {
            if ($next === $to) {
                return [$next];
            }
            if (in_array($next, $seen, true)) {
                continue;
            }
            $seen[] = $next;
            $way = $this->wayBack($next, $to, $seen);
            if ($way !== []) {
                return [$next, ...$way];
            }
        }

        return [];
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        sort($names);

        return $names;
    }
}
