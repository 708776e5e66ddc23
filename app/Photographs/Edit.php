<?php

namespace App\Photographs;

use App\Files\PictureFile;
use App\Journal\Journal;
use App\Models\Kit;
use App\Models\Photograph;
use KeepShare\Core\Look\BadReference;
use KeepShare\Core\Look\Lit;
use KeepShare\Core\Look\Reference;

/**
 * The maker's corrections of what was found. Each is an act of the kit, so it can be undone.
 *
 * @phpstan-import-type PhotographEdit from Photograph
 */
final readonly class Edit
{
    public function __construct(private Journal $journal)
    {
    }

    /** @throws BadReference where it cannot be measured by that */
    public function measure(Kit $kit, Photograph $photograph, Reference $by, int $revision): void
    {
        $draft = $this->pieces($photograph);
        $draft->table->measuredBy($by)->squared();
        $this->act($kit, $photograph, 'Measure the photograph by something else', ['do' => 'measure', 'with' => $by->fields()], $revision);
    }

    /**
     * @param  list<array{float, float}>  $line
     *
     * @throws BadReference where the line does not part it
     */
    public function part(Kit $kit, Photograph $photograph, int $piece, array $line, int $revision): void
    {
        $parts = $this->pieces($photograph)->parted($piece, $line);
        $this->act($kit, $photograph, "Separate piece $piece", ['do' => 'part', 'on' => $piece, 'with' => $parts], $revision);
    }

    /**
     * The corners of a sheet on its own photograph.
     *
     * @param  list<array{float, float}>  $corners
     *
     * @throws BadReference where three of them lie on a line
     */
    public function corners(Kit $kit, Photograph $photograph, int $n, array $corners, int $revision): void
    {
        $lit = Lit::evened(PictureFile::open($photograph->smallFile($n))->picture());
        $face = SeenFace::of($lit, $corners, $photograph->asked);
        file_put_contents($photograph->faceFile($n, $corners), $face->jpeg);
        $edit = ['do' => 'corners', 'on' => $n, 'with' => ['corners' => $corners, 'isFound' => true, ...$face->looks()]];
        $this->act($kit, $photograph, sprintf('Move the corners of photograph %d', $n + 1), $edit, $revision);
    }

    /** @param  PhotographEdit  $edit */
    public function act(Kit $kit, Photograph $photograph, string $name, array $edit, int $revision): void
    {
        $this->journal->act($kit, $name, $revision, static function () use ($photograph, $edit): void {
            $photograph->refresh();
            $photograph->update(['edits' => [...$photograph->edits, $edit]]);
        });
    }

    private function pieces(Photograph $photograph): PiecesDraft
    {
        return PiecesDraft::of($photograph) ?? throw BadReference::because('The photograph is no longer there. Bring it in again.');
    }
}
