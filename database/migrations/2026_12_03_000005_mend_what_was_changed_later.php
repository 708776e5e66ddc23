<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Tables made in two days of November lack what a migration was given later, and say when a piece was used up instead
 * of by which step.
 */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasColumn('takings', 'treated')) {
            Schema::table('takings', static fn (Blueprint $table) => $table->text('treated')->nullable());
        }
        if (! Schema::hasColumn('takings', 'used_by')) {
            Schema::table('takings', static fn (Blueprint $table) => $table->string('used_by', 160)->nullable());
        }
        if (! Schema::hasColumn('takings', 'used_at')) {
            return;
        }
        $steps = self::steps();
        foreach (DB::table('takings')->whereNotNull('used_at')->get(['id', 'card_id', 'used_at']) as $taking) {
            $usedBy = $steps["$taking->card_id $taking->used_at"] ?? null;
            DB::table('takings')->where('id', $taking->id)->update(['used_by' => $usedBy]);
        }
        foreach (DB::table('changes')->where('table_name', 'takings')->get(['id', 'before', 'after']) as $change) {
            DB::table('changes')->where('id', $change->id)->update([
                'before' => self::renamed($change->before, $steps),
                'after' => self::renamed($change->after, $steps),
            ]);
        }
        Schema::table('takings', static fn (Blueprint $table) => $table->dropColumn('used_at'));
    }

    /** @return array<string, string> by card and moment, those that were taken back too */
    private static function steps(): array
    {
        $steps = [];
        foreach (DB::table('changes')->where('table_name', 'step_marks')->get(['before', 'after']) as $change) {
            $mark = json_decode($change->after ?? $change->before, true);
            $steps["{$mark['card_id']} {$mark['done_at']}"] = $mark['step'];
        }
        foreach (DB::table('step_marks')->get() as $mark) {
            $steps["$mark->card_id $mark->done_at"] = $mark->step;
        }

        return $steps;
    }

    /** @param  array<string, string>  $steps */
    private static function renamed(?string $noted, array $steps): ?string
    {
        $row = json_decode($noted ?? 'null', true);
        if (! is_array($row) || ! array_key_exists('used_at', $row)) {
            return $noted;
        }
        $row['used_by'] = $row['used_at'] === null ? null : $steps["{$row['card_id']} {$row['used_at']}"] ?? null;
        unset($row['used_at']);

        return json_encode($row, JSON_THROW_ON_ERROR);
    }
};
