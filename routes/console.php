<?php

declare(strict_types=1);

use App\Console\PageBench;
use App\Console\Prune;
use App\Console\SharedClasses;
use App\Gateway\Listener;
use App\JobFiles\Importer;
use App\Models\User;
use App\Temporary\TemporaryStates;
use App\Tenancy\CurrentCompany;
use App\Vitals\Heartbeat;
use App\Vitals\Part;
use Database\Seeders\Cases;
use Database\Seeders\DemoSeeder;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schedule;
use Illuminate\Support\Facades\Schema;
use Kavvel\Core\JobFile\JobFile;

Artisan::command('kavvel:is-empty', function (): void {
    $this->line(Schema::hasTable('companies') && DB::table('companies')->exists() ? 'filled' : 'empty');
})->purpose('Says whether the database has been set up');

Artisan::command('kavvel:demo {house?}', function (Cases $cases, CurrentCompany $company): int {
    $house = $this->argument('house');
    if (is_string($house) && ! in_array($house, Cases::names(), true)) {
        $this->error("There is no house “{$house}”. There are: ".implode(', ', Cases::names()).'.');

        return 1;
    }
    $this->callSilently('migrate:fresh', ['--force' => true]);
    // Its counts begin anew: what is kept under the old ones is of another catalogue, and would be taken for this one.
    Artisan::call('cache:clear');
    $this->callSilently('db:seed', ['--class' => DemoSeeder::class, '--force' => true]);
    if (is_string($house)) {
        $owner = User::query()->where('email', 'mara@tarn-thistle.example')->firstOrFail();
        $company->during($owner->company_id, static fn () => $cases->load($house));
    }
    Artisan::call('cache:clear');

    return 0;
})->purpose('Puts the demo data back, and one more house of docs/cases.md beside it');

Artisan::command('gateway:listen {--once}', function (Listener $listener): void {
    do {
        Heartbeat::of(Part::Listener);
        try {
            $this->option('once') ? $listener->pollAll() : $listener->tick();
            TemporaryStates::closeEnded();
            Heartbeat::of(Part::Database);
        } catch (QueryException $exception) {
            report($exception);
            DB::purge();
            sleep(1);
        }
    } while (! $this->option('once'));
})->purpose('Follows the events of every linked hub');

Artisan::command('kavvel:bench', function (PageBench $bench): void {
    $rows = array_map(static fn (array $row): array => [
        $row['page'], number_format($row['ms'], 1), number_format($row['ratio'], 2), (string) ($row['queries'] ?? ''),
        number_format($row['kilobytes'], 1),
    ], $bench->run((string) config('app.url')));
    $this->table(['page', 'ms, median', 'bare routes', 'queries', 'kB'], $rows);
})->purpose('Holds each page against a bare signed-in route');

Artisan::command('kavvel:shared-classes', function (SharedClasses $classes): void {
    array_map($this->line(...), $classes->list());
})->purpose('Lists the libraries’ classes that pages need, for `deploy/preload.php`');

Artisan::command('kavvel:prune', function (Prune $prune): void {
    foreach ($prune->run() as $what => $count) {
        $this->line("{$what}: {$count}");
    }
})->purpose('Takes away old sessions, request keys and forecasts');

Artisan::command('kavvel:copies {count}', function (Importer $importer, CurrentCompany $company): void {
    $house = JobFile::parse((string) file_get_contents(database_path('demo/hollin-barn.json')));
    $owner = User::query()->where('email', 'mara@tarn-thistle.example')->firstOrFail();
    $company->during($owner->company_id, function () use ($importer, $house, $owner): void {
        for ($copy = 0; $copy < (int) $this->argument('count'); $copy++) {
            $importer->import($house)->users()->sync([$owner->id]);
        }
    });
})->purpose('Copies a job of the demo, for a look at many jobs at once');

Schedule::call(static fn () => Heartbeat::of(Part::Scheduler))->everyMinute()->name('heartbeat');
Schedule::command('kavvel:prune')->hourly();
