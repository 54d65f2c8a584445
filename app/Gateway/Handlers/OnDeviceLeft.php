<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Codes\CodeStore;
use App\Gateway\Events\DeviceLeft;
use App\Gateway\NodeList;
use App\Logbook\Logbook;
use App\Models\Node;
use App\Models\Slot;

final readonly class OnDeviceLeft
{
    public function __construct(private NodeList $nodes, private CodeStore $codes, private Logbook $logbook) {}

    public function handle(DeviceLeft $event): void
    {
        $node = $this->nodes->find($event->gateway, $event->address);
        $node?->update(['state' => Node::LEFT, 'left_at' => $event->at]);
        $slot = $node === null ? null : Slot::query()->where('node_id', $node->id)->first();
        if ($slot !== null) {
            $slot->update(['leave_refused' => null]);
            $this->codes->staleAfterReset($slot, 'it left the network');
        }
        $line = $slot === null ? "{$event->address} left the network." : "The {$slot->title()} left the network.";
        $this->logbook->write($event->gateway->job()->firstOrFail(), Logbook::HUB, 'pair', $line, $slot);
    }
}
