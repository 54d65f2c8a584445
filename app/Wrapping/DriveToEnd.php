<?php

declare(strict_types=1);

namespace App\Wrapping;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Models\EndReading;
use App\Models\Gateway;

/** Has a hub drive a device to one of its ends; what it says there, the hub tells by itself. */
final class DriveToEnd extends HubCommand
{
    private const OPEN = 100;

    private const CLOSED = 0;

    private int $readingId;

    public function __construct(
        Gateway $gateway,
        EndReading $reading,
        private readonly string $address,
        private readonly string $capability,
    ) {
        parent::__construct($gateway);
        $this->readingId = $reading->id;
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $reading = EndReading::query()->find($this->readingId);
        if ($reading !== null) {
            $position = $reading->is_open ? self::OPEN : self::CLOSED;
            $client->move((string) $reading->reference, $this->address, $this->capability, $position);
        }
    }

    protected function refused(string $why): void
    {
        EndReading::query()->whereKey($this->readingId)->update(['refused' => mb_strimwidth($why, 0, 250, '…')]);
    }
}
