<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cards', function (Blueprint $table): void {
            $table->json('design')->nullable();
            $table->unsignedBigInteger('frame')->nullable();
            $table->string('fold', 20)->default('side');
            $table->unsignedInteger('set')->nullable();
            $table->boolean('is_for_a_man')->default(false);
            $table->text('notes')->default('');
        });

        Schema::table('kits', function (Blueprint $table): void {
            $table->unsignedBigInteger('frame')->nullable();
            $table->json('muted')->default('[]');
            $table->json('wanted')->default('[]');
        });

        Schema::create('sketches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->string('name', 60);
            $table->json('definition');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sketches');
        Schema::table('kits', fn (Blueprint $table) => $table->dropColumn(['frame', 'muted', 'wanted']));
        Schema::table('cards', fn (Blueprint $table) => $table->dropColumn(['design', 'frame', 'fold', 'set', 'is_for_a_man', 'notes']));
    }
};
