<?php

namespace App\Photographs;

use App\Journal\Journal;
use App\Ledger\ImportKit;
use App\Models\Component as Record;
use App\Models\Kit;
use App\Models\Photo;
use App\Models\Photograph;
use App\Wording\Wording;
use KeepShare\Core\Entry\BadLine;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\GoodWriter;

/** Makes components of what was found, with their pictures: all of them or none. */
final readonly class Keep
{
    private const GONE = 'The photographs are no longer there. Bring them in again.';

    public function __construct(private Journal $journal, private ImportKit $import)
    {
    }

    /** @throws BadPieces by piece, where what is said of it is not understood */
    public function pieces(Kit $kit, Photograph $photograph, int $revision): int
    {
        $draft = PiecesDraft::of($photograph);
        $squared = $draft?->squared();
        if ($draft === null || $squared === null) {
            throw BadPieces::of(['' => $draft?->fault() ?? self::GONE]);
        }
        $faults = [];
        $read = [];
        $taken = $kit->keys();
        foreach ($draft->alike() as $first => $all) {
            try {
                $measured = $draft->table->measured($first, $squared);
                $component = $draft->component($first, $measured, $draft->count($first, count($all)), $taken);
                $read[] = [$first, $measured, $component];
                $taken[] = $component->id;
            } catch (BadLine $bad) {
                $faults["say.$first"] = $bad->getMessage();
            }
        }
        if ($faults !== []) {
            throw BadPieces::of($faults);
        }
        $fine = $draft->fine();
        $kept = [];
        foreach ($read as [$first, $measured, $component]) {
            $kept[] = [$component, [base64_encode($draft->picture($first, $measured, $squared, $fine))]];
        }

        return $this->write($kit, $photograph, $kept, $revision);
    }

    public function papers(Kit $kit, Photograph $photograph, int $revision): int
    {
        $draft = PapersDraft::of($photograph) ?? throw BadPieces::of(['' => self::GONE]);
        $kept = [];
        foreach ($draft->components($kit->keys()) as $n => $component) {
            $jpegs = [];
            foreach (array_filter($draft->pairs()[$n], is_int(...)) as $face => $shot) {
                $jpegs[$face] = $this->jpeg($photograph, $draft, $shot);
            }
            $kept[] = [$component, $jpegs];
        }

        return $this->write($kit, $photograph, $kept, $revision);
    }

    /**
     * Gives papers on the list their looks and photographs, paper by paper in the order of the list.
     *
     * @param  int  $first  the record of the first of them
     */
    public function ontoPapers(Kit $kit, Photograph $photograph, int $first, int $revision): int
    {
        $draft = PapersDraft::of($photograph) ?? throw BadPieces::of(['' => self::GONE]);
        $from = (int) $kit->components()->whereKey($first)->value('position');
        $papers = array_values($kit->papers()->where('position', '>=', $from)->get()->all());
        $pairs = $draft->pairs();
        if (count($papers) < count($pairs)) {
            $has = Wording::plural(count($papers), 'paper');
            throw BadPieces::of(['onto' => "From there on the list has $has, and these are ".count($pairs).'. Choose an earlier one.']);
        }
        $this->journal->act($kit, 'Lay photographs on papers', $revision, function () use ($papers, $pairs, $draft, $photograph): void {
            foreach ($pairs as $n => $pair) {
                foreach (array_filter($pair, is_int(...)) as $side => $shot) {
                    self::lay($papers[$n]->refresh(), $side, $draft, $shot, $this->jpeg($photograph, $draft, $shot));
                }
            }
            $photograph->refresh()->update(['is_kept' => true]);
        });

        return count($pairs);
    }

    private static function lay(Record $paper, int $side, PapersDraft $draft, int $shot, string $jpeg): void
    {
        $details = $paper->details;
        $is = $details['faces'][$side];
        $seen = GoodWriter::face($draft->face($shot, $is['name']));
        // What the list says stays, unless the maker has changed it now.
        $motif = ($draft->said[$shot] ?? '') === '' ? $is['motif'] : $seen['motif'];
        $details['faces'][$side] = [
            ...$is,
            ...$seen,
            'motif' => $motif,
            'directional' => $is['directional'] || $seen['directional'],
            'foil' => $is['foil'],
        ];
        $paper->update(['details' => $details]);
        Photo::query()->where(['component_id' => $paper->id, 'face' => $side])->get()->each->delete();
        Photo::query()->create(['component_id' => $paper->id, 'face' => $side, 'jpeg' => $jpeg]);
    }

    private function jpeg(Photograph $photograph, PapersDraft $draft, int $shot): string
    {
        return base64_encode((string) file_get_contents($photograph->faceFile($shot, $draft->faces[$shot]['corners'])));
    }

    /** @param  list<array{Component, array<int, string>}>  $kept  with the pictures of their faces, as base64 */
    private function write(Kit $kit, Photograph $photograph, array $kept, int $revision): int
    {
        if ($kept === []) {
            throw BadPieces::of(['' => 'Nothing is left to save: put a piece back, or discard the photograph.']);
        }
        $name = count($kept) === 1 ? $kept[0][0]->name : count($kept).' things';
        $this->journal->act($kit, "Keep $name from a photograph", $revision, function () use ($kit, $photograph, $kept): void {
            $this->import->append($kit, array_column($kept, 0));
            foreach ($kept as [$component, $jpegs]) {
                $record = Record::query()->where(['kit_id' => $kit->id, 'key' => $component->id])->firstOrFail();
                foreach ($jpegs as $face => $jpeg) {
                    Photo::query()->create(['component_id' => $record->id, 'face' => $face, 'jpeg' => $jpeg]);
                }
            }
            $photograph->refresh()->update(['is_kept' => true]);
        });

        return count($kept);
    }
}
