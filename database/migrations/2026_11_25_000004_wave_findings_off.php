<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('waivers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('card_id')->constrained();
            $table->string('check', 40);
            $table->string('why');
            $table->timestamps();
            $table->unique(['card_id', 'check']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('waivers');
    }
};
