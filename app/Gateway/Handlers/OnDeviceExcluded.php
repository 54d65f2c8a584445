<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\DeviceExcluded;
use App\Gateway\NodeList;
use App\Logbook\Logbook;
use App\Models\JoinWindow;
use App\Models\Node;
use App\Models\Slot;

/** The slot that left is the one that the window was opened for, unless the device is known as another’s. */
final readonly class OnDeviceExcluded
{
    public function __construct(private NodeList $nodes, private Logbook $logbook) {}

    public function handle(DeviceExcluded $event): void
    {
        $meant = JoinWindow::query()->with('slot.node')->where('reference', $event->window)->first()?->slot;
        $node = $event->address === null ? null : $this->nodes->find($event->gateway, $event->address);
        $owner = $node === null ? null : Slot::query()->where('node_id', $node->id)->first();
        $isAnother = $node !== null && $meant?->node !== null && $meant->node->isNot($node) && $meant->node->state !== Node::LEFT;
        $left = $owner ?? ($isAnother ? null : $meant);
        $left?->update(['left_at' => $event->at]);
        $what = $left === null ? 'A device' : "The {$left->title()}";
        $from = $event->address === null ? 'whatever network it was in' : 'this network';
        $instead = $meant === null || $meant->is($left) ? '' : ", in the window for the {$meant->title()}";
        $line = "{$what} was excluded from {$from}{$instead}.";
        $this->logbook->write($event->gateway->job()->firstOrFail(), Logbook::HUB, 'pair', $line, $left);
    }
}
