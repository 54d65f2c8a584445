<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('profiles', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->string('key', 80);
            $table->json('data');
            $table->timestamps();
            $table->unique(['company_id', 'key']);
        });
        Schema::create('gateways', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->string('key', 80);
            $table->string('name');
            $table->foreignId('storey_id')->constrained()->cascadeOnDelete();
            $table->double('x');
            $table->double('y');
            $table->double('z');
            $table->string('url')->nullable();
            $table->text('token')->nullable();
            $table->string('epoch', 64)->nullable();
            $table->unsignedBigInteger('cursor')->default(0);
            $table->integer('clock_ahead_seconds')->default(0);
            $table->timestamp('heard_at')->nullable();
            $table->timestamp('silent_since')->nullable();
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('networks', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('gateway_id')->constrained()->cascadeOnDelete();
            $table->string('protocol', 20);
            $table->unsignedSmallInteger('channel')->nullable();
            $table->boolean('linked')->default(false);
            $table->unique(['gateway_id', 'protocol']);
        });
        Schema::create('nodes', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('gateway_id')->constrained()->cascadeOnDelete();
            $table->string('protocol', 20);
            $table->string('address', 40);
            $table->string('model')->nullable();
            $table->string('firmware', 40)->nullable();
            $table->boolean('is_router')->default(false);
            $table->json('capabilities');
            $table->string('state', 20);
            $table->string('label')->nullable();
            $table->unsignedTinyInteger('battery_percent')->nullable();
            $table->timestamp('joined_at')->nullable();
            $table->timestamp('heard_at')->nullable();
            $table->timestamp('left_at')->nullable();
            $table->unique(['gateway_id', 'address']);
        });
        Schema::create('slots', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->string('key', 80);
            $table->foreignId('room_id')->constrained()->cascadeOnDelete();
            $table->foreignId('point_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('profile_id')->constrained();
            $table->foreignId('node_id')->nullable()->unique()->constrained()->nullOnDelete();
            $table->string('place');
            $table->string('what');
            $table->double('x');
            $table->double('y');
            $table->double('z');
            $table->string('mounting', 20);
            $table->string('feed')->nullable();
            $table->string('note')->nullable();
            $table->string('name')->nullable();
            $table->timestamp('named_at')->nullable();
            $table->unsignedInteger('lock_version')->default(1);
            $table->softDeletes();
            $table->timestamps();
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('forecasts', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('slot_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('plan_version');
            $table->double('margin_db')->nullable();
            $table->string('parent_key', 80)->nullable();
            $table->double('parent_margin_db')->nullable();
            $table->json('breakdown')->nullable();
            $table->unique(['slot_id', 'plan_version']);
        });
        Schema::create('credentials', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('slot_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('kind', 40);
            $table->string('label');
            $table->text('secret');
            $table->timestamps();
        });
    }

    private function jobChild(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('company_id')->constrained();
        $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
    }
};
