<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        $this->nameMeshReadings();
        $this->giveProofsTheirNode();
        Schema::table('pair_attempts', static function (Blueprint $table): void {
            $table->string('light', 10)->nullable()->after('state');
        });
        DB::table('pair_attempts')->where('saw_light', true)->update(['light' => 'seen']);
        Schema::table('pair_attempts', static fn (Blueprint $table) => $table->dropColumn('saw_light'));
        Schema::table('slots', static function (Blueprint $table): void {
            $table->string('name_command', 64)->nullable();
            $table->string('name_refused')->nullable();
        });
        Schema::table('nodes', static function (Blueprint $table): void {
            $table->unsignedBigInteger('gateway_id')->nullable()->change();
            $table->timestamp('rejoined_at')->nullable();
        });
        Schema::table('companies', static function (Blueprint $table): void {
            $table->string('phone', 40)->nullable();
            $table->string('email', 120)->nullable();
        });
        Schema::table('site_jobs', static fn (Blueprint $table) => $table->timestamp('archived_at')->nullable());
        Schema::table('packs', static fn (Blueprint $table) => $table->unsignedBigInteger('last_entry_id')->nullable());
    }

    /** What asks the radios is a mesh reading; who was in it, and where, is kept with it. */
    private function nameMeshReadings(): void
    {
        Schema::rename('radio_surveys', 'mesh_readings');
        Schema::table('radio_links', static fn (Blueprint $table) => $table->renameColumn('radio_survey_id', 'mesh_reading_id'));
        Schema::table('mesh_readings', static fn (Blueprint $table) => $table->json('members')->nullable());
    }

    /** A proof belongs to the node that showed it: until now, the one in the slot. */
    private function giveProofsTheirNode(): void
    {
        Schema::table('proof_results', static function (Blueprint $table): void {
            $table->foreignId('node_id')->nullable()->after('slot_id')->constrained()->nullOnDelete();
            $table->timestamp('withdrawn_at', 3)->nullable();
            $table->string('withdrawn_by')->nullable();
            $table->string('withdrawn_because')->nullable();
        });
        DB::statement('update proof_results set node_id = (select node_id from slots where slots.id = proof_results.slot_id)');
    }
};
