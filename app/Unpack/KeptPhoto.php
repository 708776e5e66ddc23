<?php

namespace App\Unpack;

use App\Files\SheetPhoto;
use Illuminate\Support\Facades\Cache;
use KeepShare\Core\Look\Looks;

/** A photograph that has been read, stored for an hour to be saved or discarded. */
final readonly class KeptPhoto
{
    private const SECONDS = 3_600;

    /** @param  string  $jpeg  as base64 */
    private function __construct(public string $token, public string $jpeg, public Looks $looks)
    {
    }

    public static function lay(SheetPhoto $photo): self
    {
        $kept = new self(bin2hex(random_bytes(12)), base64_encode($photo->jpeg), $photo->looks);
        Cache::put("photo:$kept->token", $kept, self::SECONDS);

        return $kept;
    }

    public static function find(string $token): ?self
    {
        $kept = Cache::get("photo:$token");

        return $kept instanceof self ? $kept : null;
    }
}
