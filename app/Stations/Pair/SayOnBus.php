<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Models\BusAddress;
use App\Models\Gateway;
use Kavvel\Core\Protocol\Protocol;

/** Has a hub say something at an address of the wired bus. */
final class SayOnBus extends HubCommand
{
    public function __construct(Gateway $gateway, private readonly string $reference)
    {
        parent::__construct($gateway);
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $address = $this->address();
        if ($address !== null) {
            $client->say($this->reference, Protocol::WiredBus->value, $address->address, (string) $address->sent_value);
        }
    }

    protected function refused(string $why): void
    {
        $this->address()?->update(['sent_reference' => null, 'send_refused' => mb_strimwidth($why, 0, 250, '…')]);
    }

    private function address(): ?BusAddress
    {
        return BusAddress::query()->where('sent_reference', $this->reference)->first();
    }
}
