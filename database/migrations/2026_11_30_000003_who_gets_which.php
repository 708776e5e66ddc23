<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** People with their days, whom a card is meant for, and what the post takes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('people', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->text('likes')->default('');
            // How long the post takes to them, where that is not as to others.
            $table->unsignedInteger('post_days')->nullable();
            $table->timestamps();
        });
        Schema::create('days', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->string('occasion', 20);
            $table->unsignedTinyInteger('month');
            $table->unsignedTinyInteger('day');
            // The year it is in; null where it comes every year.
            $table->unsignedSmallInteger('year')->nullable();
            $table->timestamps();
        });
        Schema::create('post_limits', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->unsignedBigInteger('thickness');
            $table->boolean('is_example')->default(false);
            $table->timestamps();
        });
        Schema::create('settings', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 40)->unique();
            $table->string('value', 200);
            $table->timestamps();
        });
        Schema::table('cards', static function (Blueprint $table): void {
            $table->foreignId('meant_for_id')->nullable()->constrained('people');
            $table->foreignId('meant_day_id')->nullable()->constrained('days');
            $table->date('meant_on')->nullable();
        });
        $now = now();
        foreach (['a letter' => 3, 'a thick letter' => 5, 'a small parcel' => 25] as $name => $millimetres) {
            DB::table('post_limits')->insert([
                'name' => $name, 'thickness' => 8_000 * $millimetres, 'is_example' => true, 'created_at' => $now, 'updated_at' => $now,
            ]);
        }
    }
};
