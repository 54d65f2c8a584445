<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('cross_runs', static function (Blueprint $table): void {
            $table->unsignedBigInteger('node_id')->nullable()->after('slot_key');
        });
    }
};
