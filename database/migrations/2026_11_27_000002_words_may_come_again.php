<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whether words may be repeated was yes or no; now it is how often they may come again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('solves', function (Blueprint $table): void {
            $table->string('words')->default('again');
        });
        DB::table('solves')->where('repeats_sentiments', true)->update(['words' => 'freely']);
        Schema::table('solves', function (Blueprint $table): void {
            $table->dropColumn('repeats_sentiments');
        });
        foreach (DB::table('kits')->get(['id', 'wishes']) as $kit) {
            /** @var array<string, mixed> $wishes */
            $wishes = json_decode((string) $kit->wishes, true) ?? [];
            if (($wishes['repeat'] ?? false) === true) {
                unset($wishes['repeat']);
                DB::table('kits')->where('id', $kit->id)->update(['wishes' => json_encode([...$wishes, 'words' => 'freely'])]);
            }
        }
    }
};
