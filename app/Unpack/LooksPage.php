<?php

namespace App\Unpack;

use App\Models\Component;
use App\View\GoodView;
use App\View\Page;
use KeepShare\Core\Kit\Motif;

/**
 * How a face of a paper looks, with what was read from its photograph.
 *
 * @phpstan-import-type Good from GoodView
 *
 * @phpstan-type LooksProposal array{
 *     token: string,
 *     picture: string,
 *     colours: list<array{hex: string, percent: int}>,
 *     busyness: int,
 *     busy: bool,
 * }
 */
final readonly class LooksPage extends Page
{
    /**
     * @param  Good  $good
     * @param  list<string>  $motifs
     * @param  LooksProposal|null  $proposal
     */
    private function __construct(
        public array $good,
        public int $component,
        public int $face,
        public array $motifs,
        public ?array $proposal,
    ) {
    }

    public static function of(Component $component, int $face, ?KeptPhoto $photo): self
    {
        return new self(
            GoodView::all([$component->toCore()])[$component->coreId()],
            $component->id,
            $face,
            array_column(Motif::cases(), 'value'),
            $photo === null ? null : self::proposal($photo),
        );
    }

    /** @return LooksProposal */
    private static function proposal(KeptPhoto $photo): array
    {
        return [
            'token' => $photo->token,
            'picture' => "data:image/jpeg;base64,$photo->jpeg",
            'colours' => array_map(
                static fn (array $share): array => ['hex' => $share['colour']->hex, 'percent' => $share['percent']],
                $photo->looks->colours,
            ),
            'busyness' => $photo->looks->busyness,
            'busy' => $photo->looks->isBusy(),
        ];
    }
}
