<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a card must at least be can be asked for with one share-out. It says more than whether each has a picture. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('solves', function (Blueprint $table): void {
            $table->string('least')->nullable();
            $table->dropColumn('has_pictures');
        });
    }
};
