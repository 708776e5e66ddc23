<?php

namespace App\Keep;

use App\Models\Card;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Role;

/** A part of a card that is still to be cut. */
final readonly class WantedPart
{
    /** @param  Role|null  $role  null for what is no part of a sketch */
    private function __construct(public Size $size, private ?Role $role)
    {
    }

    /** @return self|null null where it is no part that is cut from a sheet, or is cut already */
    public static function of(Card $card, string $part): ?self
    {
        $old = $card->takings->firstWhere('part', $part);
        if ($old?->sheet_id !== null) {
            return null;
        }
        $core = $card->toCore();
        $size = $old?->size() ?? $core->cutOf($part, $card->kit->unit);

        return $size === null ? null : new self($size, $core->layout($card->kit->unit)->part($part)?->part->role);
    }

    /** A directional print does not lie on its side. */
    public function isCutFrom(Size $sheet, Face $face): bool
    {
        return $this->size->fitsIn($sheet, $face->mayTurnAs($this->role));
    }
}
