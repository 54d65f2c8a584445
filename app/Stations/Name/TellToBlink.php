<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Models\Gateway;
use App\Models\Node;

/** Has a hub make a device blink; that it does, the hub says by itself. */
final class TellToBlink extends HubCommand
{
    public function __construct(Gateway $gateway, private readonly string $command, private readonly string $address)
    {
        parent::__construct($gateway);
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $client->order($this->command, $this->address, 'identify');
    }

    protected function refused(string $why): void
    {
        Node::query()->where('blink_command', $this->command)->update(['blink_refused' => mb_strimwidth($why, 0, 250, '…')]);
    }
}
