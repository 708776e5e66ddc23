<?php

namespace App\Photographs;

use App\Models\Photograph;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Slug;
use KeepShare\Core\Measure\Size;

/**
 * The faces of a pad as photographed, with the maker's corrections.
 *
 * @phpstan-import-type PhotographEdit from Photograph
 *
 * @phpstan-type SeenSide array{
 *     corners: list<array{float, float}>,
 *     isFound: bool,
 *     colours: non-empty-list<string>,
 *     busyness: int,
 *     busy: bool,
 * }
 */
final readonly class PapersDraft
{
    /**
     * @param  array<int, SeenSide>  $faces  by the number of the photograph
     * @param  list<int>  $order  what is left of them, in the order of the pad
     * @param  array<int, string>  $said
     * @param  list<int>  $ups  directional ones
     */
    private function __construct(
        public Size $size,
        public PaperOrder $by,
        public int $count,
        public array $faces,
        public array $order,
        public array $said,
        public array $ups,
    ) {
    }

    public static function of(Photograph $photograph): ?self
    {
        /** @var array{faces: list<SeenSide>}|null $found */
        $found = $photograph->found();
        if ($found === null) {
            return null;
        }
        /** @var array{size: array{int, int}, order: string, count: int} $asked */
        $asked = $photograph->asked;
        $order = PaperOrder::from($asked['order']);
        $draft = new self(Size::ofUnits(...$asked['size']), $order, $asked['count'], $found['faces'], array_keys($found['faces']), [], []);
        foreach ($photograph->edits as $edit) {
            $draft = $draft->edited($edit);
        }

        return $draft;
    }

    /** @return list<array{int, int|null}> the photographs of front and back of each paper */
    public function pairs(): array
    {
        return $this->by->pairs($this->order);
    }

    /**
     * @param  list<string>  $taken  ids that are used already
     * @return list<Component> one a pair, in their order
     */
    public function components(array $taken): array
    {
        $components = [];
        foreach ($this->pairs() as $n => [$front, $back]) {
            $name = sprintf('Paper %d', $n + 1);
            $plain = Face::plain('Plain', Colour::fromHex('ffffff'));
            $paper = Paper::of(
                $this->size,
                $this->face($front, "$name front"),
                $back === null ? $plain : $this->face($back, "$name back"),
            );
            $said = implode(' / ', array_filter([$this->said[$front] ?? '', $this->said[$back ?? -1] ?? '']));
            $named = $said === '' ? $name : $said;
            $id = Slug::unique($named, $taken);
            $taken[] = $id;
            $components[] = Component::of($id, $named, $paper, $this->count);
        }

        return $components;
    }

    /** @param  string  $name  where none was said */
    public function face(int $photograph, string $name): Face
    {
        $seen = $this->faces[$photograph];
        $said = $this->said[$photograph] ?? '';

        return Face::printed(
            $said === '' ? $name : $said,
            Motif::named($said) ?? Motif::Solid,
            array_map(Colour::fromHex(...), array_slice($seen['colours'], 0, 6)),
            $seen['busy'],
            in_array($photograph, $this->ups, true),
        );
    }

    /** @param  PhotographEdit  $edit */
    private function edited(array $edit): self
    {
        $on = $edit['on'] ?? 0;
        $text = $edit['text'] ?? '';
        /** @var SeenSide $side */
        $side = $edit['with'] ?? [];

        return match ($edit['do']) {
            'corners' => $this->with(faces: [$on => $side] + $this->faces),
            'busy' => $this->with(faces: [$on => [...$this->faces[$on], 'busy' => ! $this->faces[$on]['busy']]] + $this->faces),
            'drop' => $this->with(order: array_values(array_diff($this->order, [$on]))),
            'move' => $this->with(order: $this->moved($on, $edit['by'] ?? 0)),
            'say' => $this->with(said: [$on => $text] + $this->said),
            'up' => $this->with(ups: in_array($on, $this->ups, true) ? array_values(array_diff($this->ups, [$on])) : [...$this->ups, $on]),
            'order' => $this->with(by: PaperOrder::from($text)),
            'count' => $this->with(count: $edit['by'] ?? 1),
            default => $this,
        };
    }

    /** @return list<int> */
    private function moved(int $photograph, int $by): array
    {
        $order = $this->order;
        $at = array_search($photograph, $order, true);
        if ($at === false || ! isset($order[$at + $by])) {
            return $order;
        }
        array_splice($order, $at, 1);
        array_splice($order, $at + $by, 0, [$photograph]);

        return $order;
    }

    /**
     * @param  array<int, SeenSide>|null  $faces
     * @param  list<int>|null  $order
     * @param  array<int, string>|null  $said
     * @param  list<int>|null  $ups
     */
    private function with(
        ?PaperOrder $by = null,
        ?int $count = null,
        ?array $faces = null,
        ?array $order = null,
        ?array $said = null,
        ?array $ups = null,
    ): self {
        return new self(
            $this->size,
            $by ?? $this->by,
            $count ?? $this->count,
            $faces ?? $this->faces,
            $order ?? $this->order,
            $said ?? $this->said,
            $ups ?? $this->ups,
        );
    }
}
