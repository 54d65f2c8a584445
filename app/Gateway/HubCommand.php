<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Models\Gateway;
use App\Outside\OutsideCommand;
use App\Outside\OutsideFailure;

/** Something that a hub is told or asked over the gateway link. */
abstract class HubCommand extends OutsideCommand
{
    protected int $gatewayId;

    public function __construct(Gateway $gateway)
    {
        parent::__construct($gateway->company_id);
        $this->gatewayId = $gateway->id;
    }

    final protected function carryOut(): void
    {
        $gateway = Gateway::query()->whereKey($this->gatewayId)->whereNotNull('url')->first();
        if ($gateway === null) {
            $this->refused('Its link was taken off.');

            return;
        }
        try {
            $this->tell($gateway, GatewayClient::for($gateway));
        } catch (OutsideFailure $failure) {
            $this->refused($failure->getMessage());
        }
        $gateway->job()->firstOrFail()->touchLive();
    }

    /** @throws OutsideFailure */
    abstract protected function tell(Gateway $gateway, GatewayClient $client): void;
}
