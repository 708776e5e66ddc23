<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use Closure;
use KeepShare\Core\Sketch\Cluster;

/**
 * How the pieces of a card lie together. Places are listed from the bottom up. Each is measured from the front, a place
 * of the sketch or another place. Each says what may stand there, and how trimmings lie round them.
 */
final readonly class Arrangement
{
    /** @param  non-empty-list<Spot>  $spots */
    private function __construct(
        public string $key,
        public string $name,
        public Family $family,
        public array $spots,
        public Cluster $cluster,
    ) {
    }

    /** @param  non-empty-list<Spot>  $spots  from the bottom up */
    public static function of(string $key, string $name, Family $family, array $spots, Cluster $cluster = Cluster::Triangle): self
    {
        return new self($key, $name, $family, $spots, $cluster);
    }

    /** Each piece by itself, where it lies without an arrangement. */
    public static function none(): self
    {
        return new self('', '', Family::Centred, [Pieces::loose(Pieces::FOCAL), Pieces::loose(Pieces::WORDS)], Cluster::Triangle);
    }

    public function named(string $key, string $name): self
    {
        return new self($key, $name, $this->family, $this->spots, $this->cluster);
    }

    public function spot(string $id): ?Spot
    {
        foreach ($this->spots as $spot) {
            if ($spot->id === $id) {
                return $spot;
            }
        }

        return null;
    }

    /** It is made for a front with a picture. */
    public function isForPicture(): bool
    {
        return $this->spot(Pieces::FOCAL) !== null;
    }

    /** The picture and the words lie where the sketch keeps a place for them. No other piece is required. */
    public function isAsSketched(): bool
    {
        foreach ($this->spots as $spot) {
            $isOther = $spot->isKey && $spot->stands !== Stands::Picture;
            $isElsewhere = $spot->stands === Stands::Picture && $spot->of !== 'place';
            $isOn = in_array($spot->of, ['words', Pieces::FOCAL], true);
            if ($isOther || $isElsewhere || ($spot->stands === Stands::Words && ! $isOn)) {
                return false;
            }
        }

        return true;
    }

    /** The place of the front that a piece is measured from in the end. Null if there is no such piece. */
    public function rootOf(string $id): ?string
    {
        $of = $this->spot($id)?->of;
        for ($n = 0; $n < count($this->spots) && $of !== null && $this->spot($of) !== null; $n++) {
            $of = $this->spot($of)->of;
        }

        return $of;
    }

    /** Whether it is measured from a place that only some fronts have. */
    public function needs(string $place): bool
    {
        return array_filter($this->spots, static fn (Spot $spot): bool => $spot->isKey && $spot->of === $place) !== [];
    }

    /** The same with one more place, above all others. */
    public function and(Spot $spot): self
    {
        return $this->withSpots([...$this->spots, $spot]);
    }

    /** @param  Closure(Spot): Spot  $change */
    public function changing(string $id, Closure $change): self
    {
        return $this->withSpots(array_map(static fn (Spot $spot): Spot => $spot->id === $id ? $change($spot) : $spot, $this->spots));
    }

    /**
     * Moves a piece behind or in front of the next piece that is there.
     *
     * @param  list<string>  $there  the ids of the pieces that are there
     */
    public function forward(string $id, array $there, bool $isForward): self
    {
        $spots = $this->spots;
        $at = array_search($id, array_column($spots, 'id'), true);
        $step = $isForward ? 1 : -1;
        for ($to = $at === false ? -1 : $at + $step; $at !== false && isset($spots[$to]); $to += $step) {
            if (in_array($spots[$to]->id, $there, true)) {
                $moved = array_splice($spots, $at, 1);
                array_splice($spots, $to, 0, $moved);
                break;
            }
        }

        return $spots === [] ? $this : $this->withSpots($spots);
    }

    /** @param  non-empty-list<Spot>  $spots */
    private function withSpots(array $spots): self
    {
        return new self($this->key, $this->name, $this->family, $spots, $this->cluster);
    }
}
