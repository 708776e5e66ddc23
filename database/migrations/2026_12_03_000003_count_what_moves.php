<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // How often what lies on the table of a kit has moved: searches go by it.
        Schema::table('kits', static fn (Blueprint $table) => $table->unsignedBigInteger('moves')->default(0));
    }
};
