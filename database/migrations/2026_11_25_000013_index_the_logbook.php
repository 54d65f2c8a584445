<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Every page of a job counts what was done since the last pack, and the logbook is read from its end.
        Schema::table('log_entries', static fn (Blueprint $table) => $table->index(['site_job_id', 'id', 'kind']));
        Schema::table('log_entries', static fn (Blueprint $table) => $table->index(['site_job_id', 'at', 'id']));
        Schema::table('log_entries', static fn (Blueprint $table) => $table->dropIndex(['site_job_id', 'id']));
    }
};
