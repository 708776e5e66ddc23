<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How the pieces of a card lie together, and the arrangements a maker has written. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cards', function (Blueprint $table): void {
            $table->string('arrangement', 60)->nullable();
            $table->json('arranged')->nullable();
        });

        Schema::create('arrangements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->string('name', 80);
            $table->json('definition');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('arrangements');
        Schema::dropColumns('cards', ['arrangement', 'arranged']);
    }
};
