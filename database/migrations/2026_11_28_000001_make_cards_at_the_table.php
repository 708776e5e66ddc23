<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('step_marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('card_id')->constrained();
            $table->string('step', 160);
            $table->string('kind', 40);
            $table->unsignedInteger('seconds')->nullable();
            $table->dateTime('done_at');
            $table->dateTime('dry_at');
            $table->timestamps();
            $table->unique(['card_id', 'step']);
        });
        Schema::table('cards', function (Blueprint $table): void {
            $table->dateTime('begun_at')->nullable();
            $table->dateTime('made_at')->nullable();
        });
        Schema::table('takings', function (Blueprint $table): void {
            $table->string('used_by', 160)->nullable();
            $table->text('treated')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('step_marks');
        Schema::dropColumns('cards', ['begun_at', 'made_at']);
        Schema::dropColumns('takings', ['used_by', 'treated']);
    }
};
