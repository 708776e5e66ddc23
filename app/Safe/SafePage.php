<?php

namespace App\Safe;

use App\Journal\Journal;
use App\View\Page;
use Illuminate\Support\Facades\DB;

/**
 * The whole table as one file, and the automatic copies.
 *
 * @phpstan-import-type UndoRedo from Journal
 *
 * @phpstan-type KeptCopy array{name: string, at: string, says: string, size: string}
 * @phpstan-type WorkUnderWay array{isUnderWay: bool, isFault: bool, isSaving: bool, done: int, of: int, says: string, file: string|null}
 */
final readonly class SafePage extends Page
{
    /**
     * @param  WorkUnderWay|null  $work
     * @param  list<KeptCopy>  $copies
     * @param  string|null  $folder  where the copies are; null where none are kept
     * @param  UndoRedo  $shelf
     */
    private function __construct(
        public string $holds,
        public ?array $work,
        public array $copies,
        public ?string $folder,
        public ?string $fault,
        public array $shelf,
    ) {
    }

    public static function now(Journal $journal): self
    {
        $copies = Copies::kept();

        return new self(
            self::holds(),
            self::work(),
            array_map(self::copy(...), $copies?->all() ?? []),
            $copies?->folder,
            KeepCopy::fault(),
            $journal->atHand(null),
        );
    }

    /** "4 kits, 22 cards, 3 people, 2 photographs" */
    private static function holds(): string
    {
        $pictures = DB::table('photos')->count() + DB::table('card_photos')->count();
        $counts = [
            'kit' => DB::table('kits')->where('is_deleted', false)->count(),
            'card' => DB::table('cards')->count(),
            'photograph' => $pictures,
        ];
        $people = DB::table('people')->count();
        $said = [];
        foreach ($counts as $one => $many) {
            $said[] = number_format($many).' '.$one.($many === 1 ? '' : 's');
        }

        return implode(', ', [...$said, $people === 1 ? '1 person' : "$people people"]);
    }

    /** @return KeptCopy */
    private static function copy(Copy $copy): array
    {
        return ['name' => $copy->name, 'at' => $copy->moment(), 'says' => $copy->kind->says(), 'size' => self::size($copy->bytes)];
    }

    /** @return WorkUnderWay|null */
    private static function work(): ?array
    {
        $work = TableWork::last();
        if ($work === null) {
            return null;
        }
        $isSaved = $work['what'] === 'save' && $work['state'] === 'done' && is_file($work['path']);

        return [
            'isUnderWay' => in_array($work['state'], ['waiting', 'running'], true),
            'isFault' => $work['state'] === 'failed',
            'isSaving' => $work['what'] === 'save',
            'done' => $work['done'],
            'of' => $work['of'],
            'says' => $work['says'],
            'file' => $isSaved ? $work['name'] : null,
        ];
    }

    private static function size(int $bytes): string
    {
        return $bytes < 1_000_000 ? intdiv($bytes + 999, 1_000).' kB' : number_format($bytes / 1_000_000, 1).' MB';
    }
}
