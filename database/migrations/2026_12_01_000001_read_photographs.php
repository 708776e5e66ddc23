<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('photographs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->string('folder');
            $table->string('what');
            $table->unsignedInteger('files');
            $table->json('asked');
            $table->json('edits');
            $table->string('state')->default('waiting');
            $table->unsignedInteger('done')->default(0);
            $table->string('says')->default('');
            $table->string('worker')->nullable();
            $table->boolean('is_kept')->default(false);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('photographs');
    }
};
