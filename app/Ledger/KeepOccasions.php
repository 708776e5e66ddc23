<?php

namespace App\Ledger;

use App\Journal\Journal;
use App\Models\Card;
use App\Models\Component;
use App\Models\Day;
use App\Models\OwnOccasion;
use App\Models\Solution;
use Closure;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Kit\Slug;

/**
 * The maker's list of occasions: add, rename, order. The first change stores the ones that ship as well.
 *
 * @phpstan-import-type OccasionFields from Occasions
 */
final readonly class KeepOccasions
{
    public function __construct(private Journal $journal)
    {
    }

    public function add(string $name): void
    {
        $this->act("Add $name to the occasions", static function () use ($name): void {
            self::create(['key' => Slug::unique($name, Occasions::keys()), 'name' => $name, 'share' => 1, 'usual' => false]);
        });
    }

    public function rename(string $key, string $name): void
    {
        $was = Occasions::about($key)['name'];
        $this->act("Call $was $name", static fn () => self::row($key)->update(['name' => $name]));
    }

    /** Of some fifteen cards of a year. */
    public function share(string $key, int $share): void
    {
        $name = Occasions::about($key)['name'];
        $this->act("Say how many cards are for $name", static fn () => self::row($key)->update(['share' => $share]));
    }

    public function ask(string $key, bool $isUsual): void
    {
        $name = Occasions::about($key)['name'];
        $this->act("Say whether every kit is asked for $name", static fn () => self::row($key)->update(['is_usual' => $isUsual]));
    }

    /** @param  int  $by  places, up where it is less than none */
    public function move(string $key, int $by): void
    {
        $name = Occasions::about($key)['name'];
        $this->act("Move $name", static function () use ($key, $by): void {
            $keys = Occasions::keys();
            $at = (int) array_search($key, $keys, true);
            $to = max(0, min(count($keys) - 1, $at + $by));
            array_splice($keys, $at, 1);
            array_splice($keys, $to, 0, [$key]);
            foreach ($keys as $position => $one) {
                self::row($one)->update(['position' => $position]);
            }
        });
    }

    /** @throws InUse where a card, a day or words are for it */
    public function takeOut(string $key): void
    {
        $name = Occasions::about($key)['name'];
        $this->act("Take $name off the occasions", static function () use ($key, $name): void {
            $isNamed = Card::query()->where('occasion', $key)->exists()
                || Day::query()->where('occasion', $key)->exists()
                || Component::query()->where('details', 'like', "%\"$key\"%")->exists()
                || Solution::query()->where('cards', 'like', "%\"$key\"%")->exists();
            if ($isNamed) {
                throw InUse::ofOccasion($name);
            }
            self::row($key)->delete();
        });
    }

    /**
     * Occasions of another maker that are new here, after all others.
     *
     * @param  list<OccasionFields>  $met
     */
    public static function meet(array $met): void
    {
        if ($met !== []) {
            self::writeDown(...Occasions::fields(), ...$met);
        }
    }

    /**
     * The whole list in order. What is not stored yet comes last.
     *
     * @param  OccasionFields  ...$list
     */
    private static function writeDown(array ...$list): void
    {
        $isWritten = OwnOccasion::query()->pluck('key')->flip()->all();
        foreach ($list as $one) {
            if (! isset($isWritten[$one['key']])) {
                self::create($one);
                $isWritten[$one['key']] = true;
            }
        }
    }

    /** @param  OccasionFields  $fields */
    private static function create(array $fields): void
    {
        OwnOccasion::query()->create([
            'key' => $fields['key'],
            'name' => $fields['name'],
            'share' => $fields['share'],
            'is_usual' => $fields['usual'],
            'position' => 1 + (int) OwnOccasion::query()->max('position'),
        ]);
    }

    private static function row(string $key): OwnOccasion
    {
        return OwnOccasion::query()->where('key', $key)->firstOrFail();
    }

    /** @param  Closure(): mixed  $do */
    private function act(string $name, Closure $do): void
    {
        $this->journal->actOnShelf($name, static function () use ($do): void {
            Occasions::reread();
            self::writeDown(...Occasions::fields());
            $do();
        });
        Occasions::reread();
    }
}
