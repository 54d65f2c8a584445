<?php

declare(strict_types=1);

use App\Console\Beat;
use App\Gateway\Listener;
use Database\Seeders\DemoSeeder;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

Artisan::command('kavvel:is-empty', function (): void {
    $this->line(Schema::hasTable('companies') && DB::table('companies')->exists() ? 'filled' : 'empty');
})->purpose('Says whether the database has been set up');

Artisan::command('kavvel:demo', function (): void {
    $this->callSilently('migrate:fresh', ['--force' => true]);
    $this->callSilently('db:seed', ['--class' => DemoSeeder::class, '--force' => true]);
    Artisan::call('cache:clear');
})->purpose('Puts the demo data back');

Artisan::command('gateway:listen {--once}', function (Listener $listener): void {
    do {
        Beat::of('gateway');
        try {
            $listener->pollAll();
        } catch (QueryException $exception) {
            report($exception);
            DB::purge();
        }
        if (! $this->option('once')) {
            usleep(600_000);
        }
    } while (! $this->option('once'));
})->purpose('Follows the events of every linked gateway');
