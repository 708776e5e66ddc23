<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Most or varied: how many cards may be alike, and whether each has a picture, is asked for with a share-out. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('solves', function (Blueprint $table): void {
            $table->unsignedInteger('alike')->nullable();
            $table->boolean('has_pictures')->default(false);
        });
    }
};
