<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kits', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->boolean('is_stash')->default(false);
            $table->string('unit', 2);
            $table->unsignedBigInteger('front_width');
            $table->unsignedBigInteger('front_height');
            $table->unsignedInteger('promised')->default(0);
            $table->unsignedBigInteger('price_minor')->nullable();
            $table->string('currency', 3)->nullable();
            $table->boolean('uses_stash')->default(true);
            $table->unsignedBigInteger('revision')->default(0);
            $table->timestamps();
        });

        Schema::create('components', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->string('key', 60);
            $table->string('kind', 20);
            $table->string('name');
            $table->json('details');
            $table->unsignedBigInteger('listed');
            $table->unsignedInteger('position');
            $table->timestamps();
            $table->unique(['kit_id', 'key']);
        });

        Schema::create('cards', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->unsignedInteger('number');
            $table->string('sketch', 40);
            $table->string('occasion', 20);
            $table->unsignedBigInteger('front_width');
            $table->unsignedBigInteger('front_height');
            $table->boolean('is_bonus')->default(false);
            $table->timestamps();
            $table->unique(['kit_id', 'number']);
        });

        Schema::create('sheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('component_id')->constrained();
            $table->foreignId('parent_id')->nullable()->constrained('sheets');
            $table->unsignedInteger('number');
            $table->unsignedBigInteger('width');
            $table->unsignedBigInteger('height');
            $table->unsignedBigInteger('x')->default(0);
            $table->unsignedBigInteger('y')->default(0);
            $table->boolean('is_whole');
            $table->string('state', 10);
            $table->timestamps();
            $table->index(['component_id', 'state']);
        });

        Schema::create('takings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('card_id')->constrained();
            $table->foreignId('component_id')->constrained();
            $table->string('part', 40);
            $table->unsignedBigInteger('quantity');
            $table->unsignedBigInteger('width')->nullable();
            $table->unsignedBigInteger('height')->nullable();
            $table->unsignedInteger('face')->default(0);
            $table->boolean('may_turn')->default(false);
            $table->foreignId('sheet_id')->nullable()->constrained();
            $table->timestamps();
            $table->unique(['card_id', 'part']);
            $table->index('component_id');
        });

        Schema::create('cut_plans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sheet_id')->unique()->constrained();
            $table->json('tree');
            $table->timestamp('cut_at')->nullable();
            $table->timestamps();
        });

        Schema::create('ledger_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('component_id')->constrained();
            $table->bigInteger('delta');
            $table->string('reason', 20);
            $table->string('note')->default('');
            $table->timestamps();
            $table->index('component_id');
        });

        Schema::create('acts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->nullable()->constrained();
            $table->string('name');
            $table->boolean('is_undone')->default(false);
            $table->timestamps();
        });

        Schema::create('changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('act_id')->constrained()->cascadeOnDelete();
            $table->string('table_name', 40);
            $table->unsignedBigInteger('row_id');
            $table->json('before')->nullable();
            $table->json('after')->nullable();
        });

        Schema::create('solves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->unsignedInteger('cards');
            $table->boolean('uses_stash');
            $table->boolean('repeats_sentiments');
            $table->unsignedBigInteger('revision');
            $table->string('state', 10);
            $table->unsignedInteger('done')->default(0);
            $table->text('message')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (
            [
                'solves',
                'changes',
                'acts',
                'ledger_entries',
                'cut_plans',
                'takings',
                'sheets',
                'cards',
                'components',
                'kits',
            ] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }
};
