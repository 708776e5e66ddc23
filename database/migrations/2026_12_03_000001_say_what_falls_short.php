<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What a share-out was asked for and does not give, with the reasons.
        Schema::table('solves', static fn (Blueprint $table) => $table->json('shortfalls')->nullable());
        Schema::table('solutions', static fn (Blueprint $table) => $table->json('asked')->nullable());
    }
};
