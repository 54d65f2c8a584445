<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('set_names', static function (Blueprint $table): void {
            $table->string('mark', 80)->nullable()->after('ecosystem_key');
        });
    }
};
