<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a maker remembers of a card she has made, and who has it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cards', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('stars')->nullable();
            $table->unsignedInteger('minutes')->nullable();
            $table->text('went_wrong')->default('');
            $table->string('given_to', 120)->default('');
            $table->date('given_on')->nullable();
        });
        Schema::create('card_photos', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('card_id')->constrained();
            $table->text('jpeg');
            $table->timestamps();
        });
    }
};
