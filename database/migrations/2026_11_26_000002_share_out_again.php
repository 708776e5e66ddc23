<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pins, wishes, and share-outs that are proposed, kept by name, or of which a card is set aside. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cards', static function (Blueprint $table): void {
            $table->boolean('is_pinned')->default(false);
        });
        Schema::table('takings', static function (Blueprint $table): void {
            $table->boolean('is_pinned')->default(false);
        });
        Schema::table('kits', static function (Blueprint $table): void {
            $table->json('wishes')->default('{}');
        });
        Schema::table('solves', static function (Blueprint $table): void {
            $table->boolean('is_anew')->default(true);
        });
        Schema::create('solutions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->string('name');
            $table->json('cards');
            $table->json('stays');
            $table->unsignedInteger('revision');
            $table->timestamps();
            $table->index(['kit_id', 'kind']);
        });
    }
};
