<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('site_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->string('key', 80);
            $table->string('name');
            $table->string('client_name');
            $table->string('client_email')->nullable();
            $table->string('client_phone')->nullable();
            $table->string('address');
            $table->string('stage', 20);
            $table->string('region', 8);
            $table->date('as_of');
            $table->unsignedTinyInteger('visit_number')->default(1);
            $table->unsignedTinyInteger('visit_of')->default(1);
            $table->unsignedSmallInteger('planned_minutes')->default(0);
            $table->unsignedSmallInteger('used_minutes')->default(0);
            $table->string('name_pattern');
            $table->string('school', 20);
            $table->double('acceptance_db');
            $table->double('clutter_constant_db');
            $table->double('clutter_db_per_metre');
            $table->unsignedInteger('plan_version')->default(1);
            $table->unsignedBigInteger('live_version')->default(1);
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['company_id', 'key']);
        });
        Schema::create('site_job_user', static function (Blueprint $table): void {
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->primary(['site_job_id', 'user_id']);
        });
        Schema::create('storeys', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->string('name');
            $table->smallInteger('level');
            $table->double('elevation');
            $table->double('height');
            $table->json('outline');
            $table->json('floor_layers');
        });
        Schema::create('rooms', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('storey_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('code', 8);
            $table->json('outline');
        });
        Schema::create('walls', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('storey_id')->constrained()->cascadeOnDelete();
            $table->string('label');
            $table->json('from');
            $table->json('to');
            $table->double('height');
            $table->json('layers');
            $table->json('openings');
        });
        Schema::create('points', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('room_id')->constrained()->cascadeOnDelete();
            $table->string('purpose', 40);
            $table->boolean('mains');
            $table->double('x');
            $table->double('y');
            $table->double('z');
        });
    }

    private function jobChild(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('company_id')->constrained();
        $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
        $table->string('key', 80);
        $table->unique(['site_job_id', 'key']);
    }
};
