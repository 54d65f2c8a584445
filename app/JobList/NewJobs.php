<?php

declare(strict_types=1);

namespace App\JobList;

use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Storey;
use App\Models\User;
use Kavvel\Core\Naming\Pattern;
use Kavvel\Core\Naming\Text;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\Margin;

/** Makes an empty job: a client, a place, and one storey to measure. */
final readonly class NewJobs
{
    /** A storey before anything of it is measured, in metres */
    private const OUTLINE = [[0, 0], [10, 0], [10, 8], [0, 8]];

    private const HEIGHT_M = 2.4;

    public function __construct(private Logbook $logbook) {}

    /** @param array<string, mixed> $values columns of the job */
    public function make(array $values, User $person): SiteJob
    {
        $job = SiteJob::query()->create([
            ...$values,
            'key' => $this->freeKey((string) $values['name']),
            'stage' => 'survey',
            'as_of' => today(),
            'name_pattern' => Pattern::STANDARD,
            'school' => PairingOrder::InPlace->value,
            'acceptance_db' => Margin::ACCEPTED_DB,
            'clutter_constant_db' => Clutter::CONSTANT_DB,
            'clutter_db_per_metre' => Clutter::DB_PER_METRE,
        ])->refresh();
        Storey::query()->create([
            'site_job_id' => $job->id,
            'key' => 'ground',
            'name' => 'Ground floor',
            'level' => 0,
            'elevation' => 0,
            'height' => self::HEIGHT_M,
            'outline' => self::OUTLINE,
            'floor_layers' => [],
        ]);
        $job->users()->sync([$person->id]);
        $this->logbook->write($job, $person, 'job', 'Made this job.');

        return $job;
    }

    private function freeKey(string $name): string
    {
        $base = str_replace('_', '-', Text::slug($name)) ?: 'job';
        $key = $base;
        for ($n = 2; SiteJob::query()->where('key', $key)->exists(); $n++) {
            $key = "{$base}-{$n}";
        }

        return $key;
    }
}
