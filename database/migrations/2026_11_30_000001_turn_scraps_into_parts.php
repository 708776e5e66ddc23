<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sheets', static function (Blueprint $table): void {
            // What a standard part is called; null for a sheet, an offcut or the piece of a card.
            $table->string('part')->nullable();
            // The kit an offcut came from, where it went to the stash.
            $table->string('came_from')->nullable();
        });
        Schema::table('components', static function (Blueprint $table): void {
            // What one pack of it costs, in the smallest coin of the kit's currency.
            $table->unsignedBigInteger('price_minor')->nullable();
        });
        // What came into the scrap box and what went: its history.
        Schema::create('scrap_moves', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('component_id')->constrained()->cascadeOnDelete();
            $table->string('what');
            // Square millimetres.
            $table->unsignedBigInteger('area');
            $table->timestamps();
        });
    }
};
