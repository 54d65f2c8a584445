<?php

declare(strict_types=1);

namespace App\Stations\Survey\Measure;

use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\OpeningMeasure;
use App\Models\SiteJob;
use App\Models\User;
use Kavvel\Core\Measuring\DoorMeasures;
use Kavvel\Core\Measuring\WindowMeasures;

/** Writes down what was measured of doors and windows, and how the plan lies. */
final readonly class Measures
{
    public function __construct(private OptimisticLock $lock, private Logbook $logbook) {}

    /** @param int $seenVersion 0: nothing was measured there */
    public function measure(
        SiteJob $job,
        MeasuredOpening $one,
        int $seenVersion,
        DoorMeasures|WindowMeasures $measures,
        User $person,
    ): void {
        $column = $measures instanceof DoorMeasures ? 'door' : 'window';
        [$x, $y] = $one->opening->before();
        $where = ['opening' => $one->opening->id, 'storey' => $one->storey, 'x' => $x, 'y' => $y];
        if ($one->row === null) {
            OpeningMeasure::query()->create(['site_job_id' => $job->id, ...$where, $column => $measures->row()]);
        } else {
            $values = [...$where, $column => json_encode($measures->row(), JSON_THROW_ON_ERROR)];
            $this->lock->update($one->row, $seenVersion, $values, "what was measured, {$one->title()}", []);
        }
        $this->logbook->write($job, $person, 'plan', "Measured: {$one->title()}.");
    }

    /** What was measured where no opening is any more. */
    public function forget(SiteJob $job, string $opening, User $person): void
    {
        if (OpeningMeasure::query()->where('site_job_id', $job->id)->where('opening', $opening)->delete() > 0) {
            $this->logbook->write($job, $person, 'plan', "Took off what was measured at {$opening}.");
        }
    }

    /** @param float|null $up null: from what was read at the windows */
    public function turn(SiteJob $job, ?float $up, User $person): void
    {
        $job->update(['up_bearing' => $up]);
        $this->logbook->write($job, $person, 'plan', $up === null
            ? 'The plan lies as the compass says at its windows.'
            : sprintf('The upper edge of the plan looks to %d°.', round($up)));
    }
}
