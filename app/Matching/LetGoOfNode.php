<?php

declare(strict_types=1);

namespace App\Matching;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\Slot;

/** Asks a hub to let a node go; that it is out, the hub says by itself. */
final class LetGoOfNode extends HubCommand
{
    public function __construct(
        Gateway $gateway,
        private readonly string $command,
        private readonly string $address,
        private readonly ?int $slotId,
    ) {
        parent::__construct($gateway);
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $client->remove($this->command, $this->address);
    }

    protected function refused(string $why): void
    {
        $slot = $this->slotId === null ? null : Slot::query()->whereKey($this->slotId)->first();
        if ($slot !== null) {
            $slot->update(['leave_refused' => mb_strimwidth($why, 0, 250, '…')]);
            $line = "The {$slot->title()} was not let go. {$why}";
            app(Logbook::class)->write($slot->job()->firstOrFail(), Logbook::HUB, 'pair', $line, $slot);
        }
    }
}
