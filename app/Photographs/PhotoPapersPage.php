<?php

namespace App\Photographs;

use App\Models\Component;
use App\Models\Kit;
use App\Models\Photograph;
use App\View\ChoiceView;
use App\View\Page;

/**
 * The faces of a pad of papers, each straightened, in the order of the pad.
 *
 * @phpstan-import-type Choice from ChoiceView
 * @phpstan-import-type Place from PhotoPiecesPage
 * @phpstan-import-type Reading from ReadingView
 *
 * @phpstan-type FaceOnPhoto array{
 *     n: int, // the number of its photograph, from 0
 *     picture: string, // squared up
 *     photograph: string,
 *     corners: list<Place>,
 *     isFound: bool,
 *     side: string,
 *     said: string,
 *     colours: list<string>,
 *     busy: bool,
 *     up: bool,
 * }
 * @phpstan-type SeenPaper array{number: int, faces: list<FaceOnPhoto>}
 * @phpstan-type PaperOnList array{id: int, name: string}
 * @phpstan-type SeenPad array{
 *     size: string,
 *     order: string,
 *     count: int,
 *     papers: list<SeenPaper>,
 *     dropped: int,
 *     onList: list<PaperOnList>, // papers of the kit, onto which they can be laid
 * }
 */
final readonly class PhotoPapersPage extends Page
{
    /**
     * @param  Reading  $reading
     * @param  list<Choice>  $orders
     * @param  SeenPad|null  $pad
     */
    private function __construct(public int $id, public bool $isKept, public array $reading, public array $orders, public ?array $pad)
    {
    }

    public static function of(Kit $kit, Photograph $photograph): self
    {
        $draft = $photograph->isUnderWay() ? null : PapersDraft::of($photograph);

        return new self(
            $photograph->id,
            $photograph->is_kept,
            ReadingView::of($photograph),
            ChoiceView::all(PaperOrder::cases(), static fn (PaperOrder $order): string => $order->label()),
            $draft === null ? null : self::pad($kit, $photograph, $draft),
        );
    }

    /** @return SeenPad */
    private static function pad(Kit $kit, Photograph $photograph, PapersDraft $draft): array
    {
        $papers = [];
        foreach ($draft->pairs() as $n => [$front, $back]) {
            $faces = [self::face($kit, $photograph, $draft, $front, 'front')];
            if ($back !== null) {
                $faces[] = self::face($kit, $photograph, $draft, $back, 'back');
            }
            $papers[] = ['number' => $n + 1, 'faces' => $faces];
        }

        return [
            'size' => $draft->size->label($kit->unit),
            'order' => $draft->by->value,
            'count' => $draft->count,
            'papers' => $papers,
            'dropped' => count($draft->faces) - count($draft->order),
            'onList' => array_values($kit->papers()->get()->map(
                static fn (Component $paper): array => ['id' => $paper->id, 'name' => $paper->name],
            )->all()),
        ];
    }

    /** @return FaceOnPhoto */
    private static function face(Kit $kit, Photograph $photograph, PapersDraft $draft, int $n, string $side): array
    {
        $face = $draft->faces[$n];
        $version = substr(basename($photograph->faceFile($n, $face['corners']), '.jpg'), strlen("$n-"));

        return [
            'n' => $n,
            'picture' => route('photographs.face', [$kit, $photograph, $n, $version], false),
            'photograph' => route('photographs.picture', [$kit, $photograph, $n], false),
            'corners' => array_map(static fn (array $p): array => ['x' => round($p[0], 2), 'y' => round($p[1], 2)], $face['corners']),
            'isFound' => $face['isFound'],
            'side' => $side,
            'said' => $draft->said[$n] ?? '',
            'colours' => $face['colours'],
            'busy' => $face['busy'],
            'up' => in_array($n, $draft->ups, true),
        ];
    }
}
