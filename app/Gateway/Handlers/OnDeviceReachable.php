<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\DeviceReachable;
use App\Gateway\NodeList;
use App\Logbook\Logbook;
use App\Models\Slot;

final readonly class OnDeviceReachable
{
    public function __construct(private NodeList $nodes, private Logbook $logbook) {}

    public function handle(DeviceReachable $event): void
    {
        $node = $this->nodes->find($event->gateway, $event->address);
        if ($node === null || $node->is_reachable === $event->isReachable) {
            return;
        }
        $node->update(['is_reachable' => $event->isReachable]);
        $slot = Slot::query()->where('node_id', $node->id)->first();
        $who = $slot === null ? $event->address : "The {$slot->title()}";
        $line = $event->isReachable ? "{$who} answers behind its bridge." : "{$who} does not answer behind its bridge.";
        $this->logbook->write($event->gateway->job()->firstOrFail(), Logbook::HUB, 'pair', $line, $slot);
    }
}
