<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\AttemptUnderWay;
use App\Gateway\Events\DeviceJoined;
use App\Gateway\NodeList;
use App\Logbook\Logbook;
use Kavvel\Core\Pairing\AttemptEvent;

final readonly class OnDeviceJoined
{
    public function __construct(private NodeList $nodes, private Logbook $logbook) {}

    public function handle(DeviceJoined $event): void
    {
        $attempt = AttemptUnderWay::of($event->gateway, $event->node->address);
        $this->nodes->keep($event->gateway, $event->node, 'joined', $event->at)->update(['rejoined_at' => $event->at]);
        if ($attempt === null) {
            return;
        }
        $attempt = AttemptUnderWay::ofModel($attempt, $event->node->model);
        $attempt->pass(AttemptEvent::Joined, ['ended_at' => $event->at]);
        $line = "{$event->node->address} joined (".($event->node->model ?? 'model not said').').';
        $this->logbook->write($event->gateway->job()->firstOrFail(), Logbook::HUB, 'pair', $line, $attempt->slot);
    }
}
