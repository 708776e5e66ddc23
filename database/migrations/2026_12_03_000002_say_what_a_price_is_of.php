<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // How many were listed when the price of all of them was written: handing some over does not make the others dearer.
        Schema::table('components', static fn (Blueprint $table) => $table->unsignedBigInteger('priced_of')->nullable());
    }
};
