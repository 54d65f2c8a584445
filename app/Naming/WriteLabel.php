<?php

declare(strict_types=1);

namespace App\Naming;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Models\Gateway;
use App\Models\Slot;

/** Writes a name to its device; that the device has taken it, the hub says by itself. */
final class WriteLabel extends HubCommand
{
    public function __construct(
        Gateway $gateway,
        private readonly string $command,
        private readonly string $address,
        private readonly string $label,
        private readonly ?string $place,
    ) {
        parent::__construct($gateway);
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $client->label($this->command, $this->address, $this->label, $this->place);
    }

    /** Unless the slot has been named anew meanwhile. */
    protected function refused(string $why): void
    {
        Slot::query()->where('name_command', $this->command)->whereNull('named_at')
            ->update(['name_refused' => mb_strimwidth($why, 0, 250, '…')]);
    }
}
