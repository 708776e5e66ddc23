<?php

namespace App\Photographs;

use App\Database\Trouble;
use App\Files\PictureFile;
use App\Jobs\Task;
use App\Jobs\Worker;
use App\Models\Photograph;
use App\Models\PhotographKind;
use App\Models\SolveState;
use KeepShare\Core\Look\FindPieces;
use KeepShare\Core\Look\PieceTable;
use KeepShare\Core\Look\Reference;
use KeepShare\Core\Look\SheetOnPhoto;
use KeepShare\Core\Refusal;
use PDOException;

/** Finds what is on photographs, in the background. */
final class FindOnPhotographs implements Task
{
    /** The long side of the picture from which pieces are cut out: ten pixels a millimetre for a table a foot wide. */
    public const FINE = 3_000;

    private const STOPPED = 'Stopped. Nothing was read.';

    public function run(int $on): void
    {
        $isTaken = Photograph::query()
            ->whereKey($on)
            ->where('state', SolveState::Waiting)
            ->update(['state' => SolveState::Running, 'worker' => Worker::me()]);
        if ($isTaken === 0) {
            return;
        }
        $photograph = Photograph::query()->findOrFail($on);
        try {
            $found = $photograph->what === PhotographKind::Pieces ? $this->pieces($photograph) : $this->papers($photograph);
            file_put_contents($photograph->foundFile(), json_encode($found, JSON_THROW_ON_ERROR), LOCK_EX);
            $this->end($on, SolveState::Done, '');
        } catch (Refusal $wrong) {
            $this->end($on, SolveState::Failed, $wrong->getMessage());
        }
    }

    public function brokeOff(int $on): void
    {
        $this->end($on, SolveState::Failed, 'Reading it stopped unexpectedly. Bring it in again.');
    }

    /** Stops the search under way. One without a worker ends at once. */
    public static function stop(Photograph $photograph): void
    {
        $isAtWork = $photograph->worker !== null && ! $photograph->isLeftBehind();
        Photograph::query()
            ->whereKey($photograph->id)
            ->whereIn('state', [SolveState::Waiting, SolveState::Running])
            ->update($isAtWork ? ['state' => SolveState::Stopping] : ['state' => SolveState::Failed, 'says' => self::STOPPED]);
    }

    /** @return array<string, mixed> */
    private function pieces(Photograph $photograph): array
    {
        $fine = PictureFile::open($photograph->file(0))->within(self::FINE);
        file_put_contents($photograph->file(0), $fine->jpeg());
        $small = $fine->within(FindPieces::SIDE);
        file_put_contents($photograph->smallFile(0), $small->jpeg());
        $this->tell($photograph, 20);
        $picture = $small->picture();
        $found = FindPieces::on($picture, fn (int $done, int $of) => $this->tell($photograph, 20 + intdiv(60 * $done, $of)));
        /** @var array{by: string, lengths: list<int>, piece: int|null, handles: list<array{float, float}>} $by */
        $by = $photograph->asked['reference'];

        return ['table' => PieceTable::found($found, $picture, Reference::of($by))->fields(), 'ground' => $found->ground->fields()];
    }

    /** @return array<string, mixed> */
    private function papers(Photograph $photograph): array
    {
        $faces = [];
        for ($n = 0; $n < $photograph->files; $n++) {
            $small = PictureFile::open($photograph->file($n))->within(FindPieces::SIDE);
            file_put_contents($photograph->smallFile($n), $small->jpeg());
            @unlink($photograph->file($n));
            $sheet = SheetOnPhoto::on($small->picture());
            $face = SeenFace::of($sheet->lit, $sheet->corners, $photograph->asked);
            file_put_contents($photograph->faceFile($n, $sheet->corners), $face->jpeg);
            $faces[] = ['corners' => $sheet->corners, 'isFound' => $sheet->isFound, ...$face->looks()];
            $this->tell($photograph, intdiv(100 * ($n + 1), $photograph->files));
        }

        return ['faces' => $faces];
    }

    /** @throws StoppedReading where the maker has asked for that */
    private function tell(Photograph $photograph, int $done): void
    {
        try {
            $isGoing = Photograph::query()->whereKey($photograph->id)->where('state', SolveState::Running)->update(['done' => $done]);
        } catch (PDOException $wrong) {
            // Somebody is writing just now. The progress is written the next time.
            $isGoing = Trouble::of($wrong) === Trouble::Busy ? 1 : throw $wrong;
        }
        if ($isGoing === 0) {
            throw StoppedReading::by(self::STOPPED);
        }
    }

    private function end(int $on, SolveState $state, string $says): void
    {
        Photograph::query()
            ->whereKey($on)
            ->whereNotIn('state', [SolveState::Done, SolveState::Failed])
            ->update(['state' => $state, 'says' => $says, 'done' => $state === SolveState::Done ? 100 : 0]);
    }
}
