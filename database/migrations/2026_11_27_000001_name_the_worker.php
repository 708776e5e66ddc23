<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The process that works a share-out out, so that its death is seen. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('solves', static function (Blueprint $table): void {
            $table->string('worker', 60)->nullable();
        });
    }
};
