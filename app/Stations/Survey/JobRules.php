<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Editing\OptimisticLock;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\MeshReading;
use App\Models\SiteJob;
use App\Models\User;
use App\Radio\Forecasts;
use App\Radio\MeasuredMesh;

/** What a job goes by: its school, its names, and the thresholds and assumptions of its radio arithmetic. */
final readonly class JobRules
{
    private const LABELS = [
        'school' => 'Order of work', 'batch' => 'Devices in one window', 'name_pattern' => 'Names', 'acceptance_db' => 'Accepted from, dB',
        'clutter_constant_db' => 'Furniture and people, dB', 'clutter_db_per_metre' => 'and for each metre, dB',
    ];

    public function __construct(private OptimisticLock $lock, private Forecasts $forecasts, private Logbook $logbook) {}

    /** @param array<string, mixed> $values */
    public function change(SiteJob $job, int $seenVersion, array $values, User $person): void
    {
        $before = $job->only(array_keys(self::LABELS));
        $this->lock->update($job, $seenVersion, $values, 'the rules of this job', self::LABELS);
        $changes = [];
        foreach (self::LABELS as $column => $label) {
            if ($before[$column] !== $job->getAttribute($column)) {
                $changes[] = "{$label}: {$before[$column]} → {$job->getAttribute($column)}";
            }
        }
        if ($changes === []) {
            return;
        }
        $this->logbook->write($job, $person, 'plan', 'Changed the rules of this job. '.implode('; ', $changes).'.');
        $this->forecasts->planChanged($job);
        $this->judgeAgain($job);
    }

    /** The last reading of each radio keeps its links; what they come to depends on the thresholds. */
    private function judgeAgain(SiteJob $job): void
    {
        $sheet = JobSheet::of($job);
        foreach (MeshReading::lastOf($job) as $reading) {
            $reading->update(MeasuredMesh::of($sheet, $reading)->counts());
        }
    }
}
