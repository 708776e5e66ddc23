<?php

namespace App\ShareOut;

use App\Files\KitExport;
use App\Files\OfferedAt;
use App\Models\Kit;
use App\Table\TableState;
use Illuminate\Support\Str;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Table\Table;

/** The share-out of a kit as a file. */
abstract class ShareOutExport implements KitExport
{
    /** @param  list<CoreCard>  $cards */
    abstract protected function written(Kit $kit, Table $table, array $cards): string;

    /** Its name's ending, such as "csv". */
    abstract protected function ending(): string;

    final public function path(): string
    {
        return "share-out/export.{$this->ending()}";
    }

    final public function label(): string
    {
        return strtoupper($this->ending());
    }

    final public function offeredAt(): OfferedAt
    {
        return OfferedAt::ShareOut;
    }

    final public function fileName(Kit $kit): string
    {
        return rtrim('share-out-'.Str::slug($kit->name), '-').".{$this->ending()}";
    }

    final public function write(Kit $kit): string
    {
        $state = TableState::of($kit);
        $cards = $state->cores();

        return $this->written($kit, $state->tableWith([]), $cards);
    }
}
