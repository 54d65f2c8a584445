<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Models\Gateway;
use App\Models\MeshReading;

/** Asks a hub to ask its relays who they hear. */
final class StartReading extends HubCommand
{
    public function __construct(Gateway $gateway, private readonly string $reference)
    {
        parent::__construct($gateway);
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $reading = MeshReading::query()->where('reference', $this->reference)->first();
        if ($reading !== null) {
            $client->startReading($reading->reference, $reading->protocol->value);
        }
    }

    protected function refused(string $why): void
    {
        MeshReading::query()->where('reference', $this->reference)->where('state', 'asked')
            ->update(['state' => 'failed', 'reason' => mb_strimwidth($why, 0, 250, '…'), 'ended_at' => now()]);
    }
}
