<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where a record goes, whatever names it is looked for: without these every table would be read for each. */
return new class extends Migration
{
    private const NAMED = [
        'sheets' => ['parent_id', 'in_hand_id'],
        'takings' => ['sheet_id'],
        'cards' => ['meant_for_id', 'meant_day_id'],
        'days' => ['person_id'],
        'scrap_moves' => ['component_id'],
        'card_photos' => ['card_id'],
        'sketches' => ['kit_id'],
        'arrangements' => ['kit_id'],
        'palettes' => ['kit_id'],
        'solves' => ['kit_id'],
        'acts' => ['kit_id'],
        'changes' => ['act_id'],
    ];

    public function up(): void
    {
        foreach (self::NAMED as $table => $columns) {
            Schema::table($table, static function (Blueprint $blueprint) use ($columns): void {
                foreach ($columns as $column) {
                    $blueprint->index($column);
                }
            });
        }
    }
};
