<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Ecosystems\EcosystemClient;
use App\Logbook\Logbook;
use App\Models\BridgeBox;
use App\Models\Ecosystem;
use App\Models\SiteJob;
use App\Models\User;
use App\Outside\OutsideFailure;

/** Links ecosystems and boxes, so that they are read and told instead of asked about. */
final readonly class PlaceLinks
{
    public function __construct(private Logbook $logbook) {}

    /** @throws PlaceRefused when it does not answer */
    public function link(SiteJob $job, Ecosystem|BridgeBox $one, string $url, string $token, User $person): void
    {
        $one->fill(['url' => rtrim($url, '/'), 'token' => $token, 'asked_at' => null, 'read_at' => null, 'read_refused' => null]);
        try {
            EcosystemClient::for($one)->about();
        } catch (OutsideFailure $failed) {
            throw PlaceRefused::doesNotAnswer($failed->getMessage());
        }
        $one->save();
        $this->logbook->write($job, $person, 'bridge', "Linked {$one->name}.");
    }

    /** What was read stays with its date. */
    public function unlink(SiteJob $job, Ecosystem|BridgeBox $one, User $person): void
    {
        $one->update(['url' => null, 'token' => null, 'asked_at' => null, 'read_refused' => null]);
        $this->logbook->write($job, $person, 'bridge', "Took the link off {$one->name}.");
    }
}
