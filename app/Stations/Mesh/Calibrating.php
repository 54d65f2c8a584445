<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\User;
use App\Radio\HouseCalibration;

/** A lead accepts what the readings say of a house. */
final readonly class Calibrating
{
    public function __construct(private Logbook $logbook) {}

    /**
     * @param  array{float, float}  $shown  constant and slope that the person saw
     * @return array{clutter_constant_db: float, clutter_db_per_metre: float}
     *
     * @throws CalibrationRefused
     */
    public function accepted(SiteJob $job, array $shown, User $person): array
    {
        $fit = HouseCalibration::of(JobSheet::of($job))->fit;
        if (! $fit->isUsed) {
            throw CalibrationRefused::areTooFew($fit->links);
        }
        $now = [round($fit->clutter->constantDb, 2), round($fit->clutter->dbPerMetre, 2)];
        if ($now !== [round($shown[0], 2), round($shown[1], 2)]) {
            throw CalibrationRefused::hasChanged();
        }
        $line = 'Calibrated to the house by %d links: they are off by %.1f dB, and were by %.1f.';
        $this->logbook->write($job, $person, 'mesh', sprintf($line, $fit->links, $fit->rmseDb, $fit->rmseBeforeDb));

        return ['clutter_constant_db' => $now[0], 'clutter_db_per_metre' => $now[1]];
    }
}
