<?php

namespace App\Files;

use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Look\Looks;

/** A photograph of a sheet of paper, read for its looks and scaled down. */
final readonly class SheetPhoto
{
    public const MOST_BYTES = 8_000_000;

    public const KEPT_SIDE = 480;

    public const READ_SIDE = 96;

    private function __construct(public Looks $looks, public string $jpeg)
    {
    }

    /** @throws BadKit saying why it is no picture of a sheet */
    public static function read(string $path): self
    {
        $picture = PictureFile::open($path)->within(self::KEPT_SIDE);
        $jpeg = $picture->jpeg();

        return new self(Looks::of($picture->within(self::READ_SIDE)->rows()), $jpeg);
    }
}
