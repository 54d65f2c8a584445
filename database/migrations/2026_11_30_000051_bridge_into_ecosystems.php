<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('bridge_sheets', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->string('kind', 12);
            $table->string('key', 80);
            $table->json('data');
            $table->unsignedInteger('lock_version')->default(1);
            $table->string('changed_by', 120)->nullable();
            $table->unique(['company_id', 'kind', 'key']);
        });
        Schema::create('ecosystems', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('bridge_sheet_id')->constrained();
            $table->string('key', 80);
            $table->string('name', 80);
            $table->string('matter_release', 20)->nullable();
            $table->string('account_of', 120)->nullable();
            $table->string('note')->default('');
            $table->unsignedInteger('lock_version')->default(1);
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('bridge_boxes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('bridge_sheet_id')->constrained();
            $table->foreignId('gateway_id')->nullable()->constrained()->nullOnDelete();
            $table->string('key', 80);
            $table->string('name', 80);
            $table->boolean('is_owned');
            $table->string('firmware', 40)->nullable();
            $table->string('segment', 40)->nullable();
            $table->string('address', 60)->nullable();
            $table->boolean('is_reserved')->default(false);
            $table->string('matter_release', 20)->nullable();
            $table->string('note')->default('');
            $table->unsignedInteger('lock_version')->default(1);
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('told_losses', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('slot_key', 80);
            $table->string('ecosystem_key', 80);
            $table->text('because');
            $table->string('told_by', 120);
            $table->dateTime('told_at');
            $table->unique(['site_job_id', 'slot_key', 'ecosystem_key']);
        });
        Schema::create('bridge_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('key');
            $table->json('acts');
            $table->json('devices');
            $table->string('ecosystem_key', 80)->nullable();
            $table->dateTime('made_at')->nullable();
            $table->text('window_code')->nullable();
            $table->date('put_off_on')->nullable();
            $table->unique(['site_job_id', 'key']);
        });
        Schema::table('temporary_states', static function (Blueprint $table): void {
            $table->foreignId('bridge_link_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('ends_at')->nullable();
        });
        Schema::table('proof_results', static function (Blueprint $table): void {
            $table->string('ecosystem_key', 80)->nullable();
        });
        Schema::table('credentials', static function (Blueprint $table): void {
            $table->foreignId('bridge_link_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::table('site_jobs', static function (Blueprint $table): void {
            $table->string('bridge_policy', 20)->nullable();
        });
    }
};
