<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\HubOfSlot;
use App\Logbook\Logbook;
use App\Models\MeshReading;
use App\Models\SiteJob;
use App\Models\User;
use Kavvel\Core\Protocol\Protocol;

/** Asks a hub for its neighbour tables; the answer arrives as events. */
final readonly class MeshReadings
{
    public function __construct(private Logbook $logbook) {}

    /** @throws ReadingRefused */
    public function start(SiteJob $job, User $person): void
    {
        foreach (Protocol::meshes() as $protocol) {
            $gateway = HubOfSlot::main($job, $protocol);
            if ($gateway === null) {
                continue;
            }
            $underWay = MeshReading::query()->where('gateway_id', $gateway->id)->whereIn('state', MeshReading::UNDER_WAY);
            if ($underWay->lockForUpdate()->exists()) {
                return;
            }
            $reading = MeshReading::query()->create([
                'site_job_id' => $job->id,
                'gateway_id' => $gateway->id,
                'reference' => (string) str()->ulid(),
                'protocol' => $protocol,
                'state' => 'asked',
                'user_id' => $person->id,
                'asked_at' => now(),
            ]);
            $this->logbook->write($job, $person, 'mesh', "Asked {$gateway->name} for its neighbour tables.");
            StartReading::dispatch($gateway, $reading->reference);

            return;
        }
        throw ReadingRefused::noHubIsLinked();
    }
}
