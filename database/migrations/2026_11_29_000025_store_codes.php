<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('credentials', static function (Blueprint $table): void {
            $table->char('fingerprint', 64)->nullable();
            $table->string('stored_by')->nullable();
            $table->string('stale_because')->nullable();
            $table->timestamp('stale_at')->nullable();
            $table->index(['site_job_id', 'fingerprint']);
        });
    }
};
