<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was taken as is usual where a typed line did not say it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('components', static function (Blueprint $table): void {
            $table->json('guesses')->default('[]');
        });
    }
};
