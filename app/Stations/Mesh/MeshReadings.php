<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\HubOfSlot;
use App\Logbook\Logbook;
use App\Models\MeshReading;
use App\Models\SiteJob;
use App\Models\User;
use Kavvel\Core\Protocol\Protocol;

/** Asks a hub who hears whom over one of its radios; the answer arrives as events. */
final readonly class MeshReadings
{
    public function __construct(private Logbook $logbook) {}

    /**
     * One radio of a hub at a time; where none is named, the first that a linked hub reads.
     *
     * @throws ReadingRefused
     */
    public function start(SiteJob $job, ?Protocol $asked, User $person): void
    {
        foreach ($asked === null ? Protocol::readable() : [$asked] as $protocol) {
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
            $this->logbook->write($job, $person, 'mesh', "Asked {$gateway->name} who hears whom over {$protocol->title()}.");
            StartReading::dispatch($gateway, $reading->reference);

            return;
        }
        throw ReadingRefused::noHubReads($asked);
    }
}
