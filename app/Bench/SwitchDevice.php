<?php

declare(strict_types=1);

namespace App\Bench;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Models\Gateway;
use App\Models\ProofCommand;

/** Has a hub switch a device; what came of it, the hub says by itself. */
final class SwitchDevice extends HubCommand
{
    public function __construct(Gateway $gateway, private readonly string $command, private readonly string $address)
    {
        parent::__construct($gateway);
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $client->order($this->command, $this->address, 'toggle');
    }

    /** That the hub could not be told proves nothing of the device. */
    protected function refused(string $why): void
    {
        ProofCommand::query()->where('reference', $this->command)->update(['refused' => $why]);
    }
}
