<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('recipes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->string('name');
            $table->json('definition');
            $table->timestamps();
        });
        Schema::create('recipe_makings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->json('asked');
            $table->unsignedInteger('seconds');
            $table->json('made')->nullable();
            $table->string('state')->default('waiting');
            $table->unsignedInteger('done')->default(0);
            $table->string('says')->default('');
            $table->string('worker')->nullable();
            $table->timestamps();
        });
        Schema::create('classes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->string('name');
            $table->json('cards');
            $table->unsignedInteger('people');
            $table->unsignedInteger('spare_in')->default(0);
            $table->json('ahead');
            $table->string('begins')->default('');
            $table->json('packed');
            $table->json('lost');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('classes');
        Schema::dropIfExists('recipe_makings');
        Schema::dropIfExists('recipes');
    }
};
