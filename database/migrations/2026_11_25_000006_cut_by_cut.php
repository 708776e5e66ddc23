<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sheets', function (Blueprint $table): void {
            // The sheet that was taken in hand, of a part that is not cut up yet.
            $table->foreignId('in_hand_id')->nullable()->constrained('sheets');
        });
    }

    public function down(): void
    {
        Schema::table('sheets', fn (Blueprint $table) => $table->dropConstrainedForeignId('in_hand_id'));
    }
};
