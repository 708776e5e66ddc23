<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The cards that the maker of a kit shows, as its file has them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kits', static function (Blueprint $table): void {
            $table->json('designs')->default('[]');
        });
    }
};
