<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('site_jobs', static fn (Blueprint $table) => $table->string('drop_code', 20)->nullable());
    }
};
