<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\AttemptUnderWay;
use App\Gateway\Events\DeviceFailed;
use App\Gateway\NodeList;
use App\Logbook\Logbook;
use App\Models\Node;
use Kavvel\Core\Pairing\AttemptEvent;

/** What the hub saw ends the attempt; the node that had announced is not in. */
final readonly class OnDeviceFailed
{
    public function __construct(private NodeList $nodes, private Logbook $logbook) {}

    public function handle(DeviceFailed $event): void
    {
        $attempt = ($event->address === null ? null : AttemptUnderWay::of($event->gateway, $event->address))
            ?? ($event->window === null ? null : AttemptUnderWay::inWindow($event->gateway, $event->window));
        if ($event->address !== null) {
            $this->nodes->find($event->gateway, $event->address)?->update(['state' => Node::LEFT, 'left_at' => $event->at]);
        }
        if ($attempt === null) {
            return;
        }
        $attempt->pass(AttemptEvent::FailedAtHub, [
            'failure' => $event->failure, 'network' => $event->network->kept(), 'ended_at' => $event->at,
        ]);
        $line = "The {$attempt->slot->title()} did not come in: {$event->failure->words()}.";
        $this->logbook->write($event->gateway->job()->firstOrFail(), Logbook::HUB, 'pair', $line, $attempt->slot);
    }
}
