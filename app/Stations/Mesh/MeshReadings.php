<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Gateway\GatewayAway;
use App\Gateway\GatewayClient;
use App\Gateway\GatewayRefused;
use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\MeshReading;
use App\Models\SiteJob;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Asks the gateway for its neighbour tables; the answer arrives as events. */
final readonly class MeshReadings
{
    public function __construct(private Logbook $logbook) {}

    /** @throws ValidationException */
    public function start(SiteJob $job, User $person): void
    {
        $gateway = Gateway::query()->where('site_job_id', $job->id)->whereNotNull('url')->first()
            ?? throw ValidationException::withMessages(['survey' => 'This job has no gateway with a link: there is nobody to ask.']);
        if (MeshReading::query()->where('gateway_id', $gateway->id)->whereIn('state', ['asked', 'running', 'reading'])->lockForUpdate()->exists()) {
            return;
        }
        $survey = MeshReading::query()->create(['site_job_id' => $job->id, 'gateway_id' => $gateway->id, 'reference' => (string) str()->ulid(), 'protocol' => 'zigbee',
            'state' => 'asked', 'user_id' => $person->id, 'asked_at' => now()]);
        $this->logbook->write($job, $person, 'mesh', 'Asked the gateway for its neighbour tables.');
        DB::afterCommit(static function () use ($gateway, $survey): void {
            try {
                GatewayClient::for($gateway)->startSurvey($survey->reference);
            } catch (GatewayAway|GatewayRefused $failed) {
                $survey->update(['state' => 'failed', 'reason' => $failed->getMessage(), 'ended_at' => now()]);
            }
        });
    }
}
