<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('mesh_proposals', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('key', 80);
            $table->string('protocol', 20);
            $table->string('changes', 800);
            $table->string('by', 120);
            $table->timestamp('at');
            $table->json('promised')->nullable();
            $table->timestamp('worked_at')->nullable();
            $table->unique(['site_job_id', 'key']);
            $table->unique(['site_job_id', 'protocol', 'changes'], 'proposals_once');
        });
    }
};
