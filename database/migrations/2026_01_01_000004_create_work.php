<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('gateway_events', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('gateway_id')->constrained()->cascadeOnDelete();
            $table->string('epoch', 64);
            $table->unsignedBigInteger('sequence');
            $table->string('type', 40);
            $table->json('data');
            $table->timestamp('at', 3);
            $table->unique(['gateway_id', 'epoch', 'sequence']);
        });
        Schema::create('join_windows', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('gateway_id')->constrained()->cascadeOnDelete();
            $table->string('reference', 64)->unique();
            $table->foreignId('slot_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('state', 20);
            $table->string('reason')->nullable();
            $table->unsignedSmallInteger('seconds');
            $table->timestamp('opened_at', 3)->nullable();
            $table->timestamp('closes_at', 3)->nullable();
            $table->timestamp('ended_at', 3)->nullable();
            $table->timestamps();
        });
        Schema::create('pair_attempts', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('slot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('join_window_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('node_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('state', 20);
            $table->boolean('saw_light')->default(false);
            $table->unsignedSmallInteger('interview_done')->default(0);
            $table->unsignedSmallInteger('interview_total')->default(0);
            $table->json('missing');
            $table->double('margin_db')->nullable();
            $table->timestamp('started_at', 3);
            $table->timestamp('ended_at', 3)->nullable();
        });
        Schema::create('radio_surveys', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('gateway_id')->constrained()->cascadeOnDelete();
            $table->string('reference', 64)->unique();
            $table->string('protocol', 20);
            $table->string('state', 20);
            $table->string('reason')->nullable();
            $table->unsignedSmallInteger('done')->default(0);
            $table->unsignedSmallInteger('accepted')->nullable();
            $table->unsignedSmallInteger('thin')->nullable();
            $table->unsignedSmallInteger('lost')->nullable();
            $table->unsignedSmallInteger('total')->default(0);
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('asked_at', 3);
            $table->timestamp('ended_at', 3)->nullable();
        });
        Schema::create('radio_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('radio_survey_id')->constrained()->cascadeOnDelete();
            $table->string('a', 40);
            $table->string('b', 40);
            $table->double('margin_db');
            $table->double('margin_back_db')->nullable();
            $table->unique(['radio_survey_id', 'a', 'b']);
        });
        Schema::create('proof_results', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('slot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('rung', 20);
            $table->string('outcome', 20);
            $table->string('reason')->nullable();
            $table->timestamp('at', 3);
        });
        Schema::create('proof_commands', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('slot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('reference', 64)->unique();
            $table->timestamp('asked_at', 3);
        });
        Schema::create('questions', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->string('key', 80);
            $table->string('text', 500);
            $table->string('owner');
            $table->date('due_on');
            $table->string('otherwise', 500);
            $table->string('answer', 500)->nullable();
            $table->timestamp('answered_at')->nullable();
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('snags', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->string('key', 80);
            $table->foreignId('slot_id')->nullable()->constrained()->nullOnDelete();
            $table->string('text', 500);
            $table->string('raised_by');
            $table->timestamp('raised_at');
            $table->string('state', 20);
            $table->string('closed_by')->nullable();
            $table->string('accepted_by')->nullable();
            $table->timestamp('closed_at')->nullable();
            $table->unsignedInteger('lock_version')->default(1);
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('packs', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->unsignedInteger('number');
            $table->string('state', 20);
            $table->string('reason')->nullable();
            $table->unsignedTinyInteger('progress')->default(0);
            $table->string('step')->nullable();
            $table->string('path')->nullable();
            $table->char('sha256', 64)->nullable();
            $table->unsignedBigInteger('bytes')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('asked_at');
            $table->timestamp('ready_at')->nullable();
            $table->unique(['site_job_id', 'number']);
        });
        Schema::create('log_entries', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('slot_id')->nullable();
            $table->string('by');
            $table->string('kind', 40);
            $table->string('text', 1000);
            $table->timestamp('at', 3);
            $table->index(['site_job_id', 'id']);
        });
        foreach (['UPDATE', 'DELETE'] as $change) {
            DB::unprepared("CREATE TRIGGER log_entries_no_{$change} BEFORE {$change} ON log_entries FOR EACH ROW SIGNAL SQLSTATE "
                ."'45000' SET MESSAGE_TEXT = 'The logbook is append-only.'");
        }
    }

    private function jobChild(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('company_id')->constrained();
        $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
    }
};
