<?php

namespace App\Keep;

use App\Cards\BonusCards;
use App\Files\KitExport;
use App\Files\OfferedAt;
use App\Models\Kit;

/** The shopping lists of a kit as a file. */
abstract class ShoppingExport implements KitExport
{
    final public function path(): string
    {
        return "keep/shopping.{$this->ending()}";
    }

    final public function offeredAt(): OfferedAt
    {
        return OfferedAt::Shopping;
    }

    final public function fileName(Kit $kit): string
    {
        return "shopping.{$this->ending()}";
    }

    final public function write(Kit $kit): string
    {
        return $this->written(Shopping::of($kit, app(BonusCards::class)->found($kit), FindAdditions::found($kit)));
    }

    abstract protected function ending(): string;

    abstract protected function written(Shopping $shopping): string;
}
