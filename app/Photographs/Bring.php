<?php

namespace App\Photographs;

use App\Files\PictureFile;
use App\Jobs\Queue;
use App\Jobs\RunTask;
use App\Models\Kit;
use App\Models\Photograph;
use App\Models\PhotographKind;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Look\Reference;
use KeepShare\Core\Measure\Size;

/** Stores photographs for the worker. The kit does not change until the maker saves what is found. */
final class Bring
{
    /** Files are deleted after this many days if their goods were saved or they were left. */
    private const DAYS = 14;

    /** @throws BadKit where it is no picture */
    public static function pieces(Kit $kit, UploadedFile $file, Reference $by): Photograph
    {
        return self::lay($kit, PhotographKind::Pieces, [$file], ['reference' => $by->fields()]);
    }

    /**
     * @param  non-empty-list<UploadedFile>  $files
     *
     * @throws BadKit where one of them is no picture, with its number
     */
    public static function papers(Kit $kit, array $files, Size $sheet, PaperOrder $order, int $count): Photograph
    {
        $size = [$sheet->width->units, $sheet->height->units];

        return self::lay($kit, PhotographKind::Papers, $files, ['size' => $size, 'order' => $order->value, 'count' => $count]);
    }

    /**
     * @param  non-empty-list<UploadedFile>  $files
     * @param  array<string, mixed>  $asked
     */
    private static function lay(Kit $kit, PhotographKind $what, array $files, array $asked): Photograph
    {
        foreach ($files as $n => $file) {
            try {
                PictureFile::check((string) $file->getRealPath());
            } catch (BadKit $wrong) {
                throw BadKit::at('', (count($files) > 1 ? sprintf('Photograph %d: ', $n + 1) : '').$wrong->getMessage());
            }
        }
        self::clearUp();
        $folder = bin2hex(random_bytes(10));
        File::ensureDirectoryExists(Photograph::place($folder), 0700);
        foreach ($files as $n => $file) {
            $file->move(Photograph::place($folder), "$n.jpg");
        }
        $laid = Photograph::query()->create([
            'kit_id' => $kit->id,
            'folder' => $folder,
            'what' => $what,
            'files' => count($files),
            'asked' => $asked,
            'edits' => [],
            'state' => 'waiting',
        ]);
        RunTask::later(FindOnPhotographs::class, $laid->id, Queue::ShareOuts);

        return $laid;
    }

    private static function clearUp(): void
    {
        foreach (Photograph::query()->where('updated_at', '<', now()->subDays(self::DAYS))->pluck('folder') as $folder) {
            File::deleteDirectory(Photograph::place($folder));
        }
    }
}
