<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\AdhesiveForm;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\StickerStuff;
use KeepShare\Core\Kit\ToolKind;

/** The words a typed line can name a kind with. */
final readonly class EntryKind
{
    private function __construct(public Kind $kind, public Serves $serves, public ?ToolKind $tool, public ?AdhesiveForm $form, public ?StickerStuff $stuff, public string $word)
    {
    }

    /** The kind a word means, in the singular or the plural, or null. */
    public static function of(string $word): ?self
    {
        $plain = rtrim(mb_strtolower($word), 's');
        $kind = match ($plain) {
            'paper' => Kind::Paper,
            'panel', 'cutapart', 'cut-apart', 'postcard' => Kind::Panel,
            'cardstock', 'vellum', 'acetate' => Kind::Cardstock,
            'base' => Kind::Base,
            'envelope' => Kind::Envelope,
            'diecut', 'die-cut', 'image', 'sentiment', 'tag', 'frame', 'border', 'label' => Kind::DieCut,
            'sticker', 'chipboard', 'puffy', 'epoxy' => Kind::Sticker,
            'layered', 'layer' => Kind::LayeredPicture,
            'gem', 'pearl', 'sequin', 'dot', 'bow', 'flower', 'embellishment' => Kind::Embellishment,
            'ribbon', 'twine', 'cord' => Kind::Ribbon,
            'foam' => Kind::Foam,
            'glue', 'tape' => Kind::Adhesive,
            'stamp' => Kind::Stamp,
            'die', 'folder', 'stencil', 'punch', 'punche', 'ink', 'powder' => Kind::Tool,
            default => null,
        };

        return $kind === null ? null : new self(
            $kind,
            Serves::tryFrom($plain) ?? Serves::Image,
            ToolKind::tryFrom($plain === 'punche' ? 'punch' : $plain),
            AdhesiveForm::tryFrom($plain),
            StickerStuff::tryFrom($plain),
            $plain,
        );
    }
}
