<?php

declare(strict_types=1);

namespace App\Matching;

use App\Gateway\GatewayClient;
use App\Gateway\HubCommand;
use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\Node;
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
        $node = Node::query()->where('gateway_id', $this->gatewayId)->where('address', $this->address)->first();
        $refusal = mb_strimwidth($why, 0, 250, '…');
        $slot === null ? $node?->update(['forget_refused' => $refusal]) : $slot->update(['leave_refused' => $refusal]);
        $job = ($slot ?? $node)?->job()->first();
        if ($job !== null) {
            $what = $slot === null ? $this->address : "The {$slot->title()}";
            app(Logbook::class)->write($job, Logbook::HUB, 'pair', "{$what} was not let go. {$why}", $slot);
        }
    }
}
