<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** A sticker: flat, puffy or stiff. Its thickness adds to the height of the card. */
final readonly class Sticker implements Applied
{
    use Whole;

    private function __construct(private Printed $printed, public StickerStuff $stuff, public Length $thickness)
    {
    }

    public static function of(Printed $printed, StickerStuff $stuff, ?Length $thickness = null): self
    {
        return new self($printed, $stuff, $thickness ?? Length::zero());
    }

    public function kind(): Kind
    {
        return Kind::Sticker;
    }

    public function printed(): Printed
    {
        return $this->printed;
    }

    public function as(Printed $printed): self
    {
        return self::of($printed, $this->stuff, $this->thickness);
    }

    public static function read(GoodFields $fields): self
    {
        return self::of(
            $fields->printed(),
            $fields->fields->choice('stuff', StickerStuff::class, StickerStuff::Label),
            $fields->has('thickness') ? $fields->fields->length('thickness') : null,
        );
    }

    public function write(GoodWriter $as): array
    {
        return [...$as->printed($this->printed), 'stuff' => $this->stuff->value, 'thickness' => $as->length($this->thickness)];
    }

    public static function inRow(TableRow $row): array
    {
        return [...$row->printed(), 'stuff' => $row->cell('form'), 'thickness' => $row->cell('thickness')];
    }

    public static function jotted(Jotting $line): self
    {
        return self::of($line->printed(), StickerStuff::tryFrom($line->word) ?? StickerStuff::Label);
    }

    public function extent(): Size
    {
        return $this->printed->size;
    }

    public function colours(): array
    {
        return $this->printed->colours;
    }

    public static function group(): KindGroup
    {
        return KindGroup::Cuts;
    }
}
