<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kits', function (Blueprint $table): void {
            $table->boolean('is_put_away')->default(false);
            $table->boolean('is_deleted')->default(false);
            $table->date('bought_on')->nullable();
            $table->string('theme')->default('');
            $table->text('instructions')->default('');
        });

        Schema::table('components', function (Blueprint $table): void {
            $table->boolean('is_counted')->default(false);
        });

        Schema::create('photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('component_id')->constrained();
            $table->unsignedInteger('face');
            $table->binary('jpeg');
            $table->timestamps();
            $table->unique(['component_id', 'face']);
        });

        Schema::create('palettes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->string('name');
            $table->json('surfaces');
            $table->timestamps();
        });

        Schema::create('csv_mappings', function (Blueprint $table): void {
            $table->id();
            $table->string('header_hash', 64)->unique();
            $table->json('columns');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('csv_mappings');
        Schema::dropIfExists('palettes');
        Schema::dropIfExists('photos');
        Schema::table('components', fn (Blueprint $table) => $table->dropColumn('is_counted'));
        Schema::table(
            'kits',
            fn (Blueprint $table) => $table->dropColumn([
                'is_put_away',
                'is_deleted',
                'bought_on',
                'theme',
                'instructions',
            ]),
        );
    }
};
