<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('site_jobs', static function (Blueprint $table): void {
            $table->double('latitude')->nullable();
            $table->double('longitude')->nullable();
            $table->string('mains', 20)->nullable();
        });
        Schema::table('storeys', static function (Blueprint $table): void {
            $table->json('outer_layers')->nullable();
            $table->json('inner_layers')->nullable();
            $table->softDeletes();
        });
        Schema::table('rooms', static function (Blueprint $table): void {
            $table->string('kind', 20)->default('room');
            $table->double('height')->nullable();
            $table->softDeletes();
        });
        Schema::create('ducts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('key', 80);
            $table->string('name');
            $table->json('path');
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('underlays', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('storey_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('path');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->double('x');
            $table->double('y');
            $table->double('metres_per_pixel');
        });
        Schema::create('plan_edits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('by');
            $table->string('words');
            $table->json('changes');
            $table->boolean('is_undone')->default(false);
            $table->timestamp('made_at');
            $table->index(['site_job_id', 'is_undone', 'id']);
        });
    }
};
