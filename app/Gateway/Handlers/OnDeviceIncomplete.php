<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\AttemptUnderWay;
use App\Gateway\Events\DeviceIncomplete;
use App\Gateway\NodeList;
use App\Logbook\Logbook;
use Kavvel\Core\Pairing\AttemptEvent;
use Kavvel\Core\Pairing\NodeFit;

final readonly class OnDeviceIncomplete
{
    public function __construct(private NodeList $nodes, private Logbook $logbook) {}

    public function handle(DeviceIncomplete $event): void
    {
        $attempt = AttemptUnderWay::of($event->gateway, $event->node->address);
        $node = $this->nodes->keep($event->gateway, $event->node, 'in-part', $event->at);
        if ($attempt === null) {
            return;
        }
        $job = $event->gateway->job()->firstOrFail();
        $attempt = AttemptUnderWay::ofModel($attempt, $event->node->model);
        $attempt->pass(AttemptEvent::Incomplete, [
            'ended_at' => $event->at,
            'interview_done' => $event->done,
            'interview_total' => $event->total,
            'missing' => NodeFit::of($attempt->slot->profile->core($job->region), $node->reported())->missing,
        ]);
        $line = "{$event->node->address} joined in part: {$event->done} of {$event->total} steps.";
        $this->logbook->write($job, Logbook::HUB, 'pair', $line, $attempt->slot);
    }
}
