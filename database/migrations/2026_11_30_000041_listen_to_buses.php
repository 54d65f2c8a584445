<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('bus_telegrams', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('join_window_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedSmallInteger('number');
            $table->string('address', 20);
            $table->string('said_by', 40)->nullable();
            $table->string('value', 200);
            $table->timestamp('at', 3);
            $table->timestamp('followed_until', 3)->nullable();
            $table->timestamp('due_at')->nullable();
            $table->unique(['site_job_id', 'number']);
            $table->index(['site_job_id', 'due_at']);
        });
        Schema::table('bus_addresses', static function (Blueprint $table): void {
            $table->string('sent_reference', 26)->nullable()->index();
            $table->string('sent_value', 20)->nullable();
            $table->string('send_refused', 250)->nullable();
        });
    }
};
