<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Places on a sheet that the plan keeps clear of. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sheets', static function (Blueprint $table): void {
            $table->json('blemishes')->nullable();
        });
    }
};
