<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('existing_devices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('key', 80);
            $table->string('room', 80);
            $table->string('what', 120);
            $table->string('protocol', 20);
            $table->foreignId('profile_id')->nullable()->constrained()->nullOnDelete();
            $table->string('holder', 20);
            $table->string('holder_name', 120)->default('');
            $table->string('fate', 20);
            $table->string('note', 255)->default('');
            $table->foreignId('slot_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('left_at')->nullable();
            $table->unsignedInteger('lock_version')->default(1);
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('opening_measures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('opening', 120);
            $table->json('door')->nullable();
            $table->json('window')->nullable();
            $table->unsignedInteger('lock_version')->default(1);
            $table->unique(['site_job_id', 'opening']);
        });
        Schema::table('site_jobs', static fn (Blueprint $table) => $table->double('up_bearing')->nullable());
    }
};
