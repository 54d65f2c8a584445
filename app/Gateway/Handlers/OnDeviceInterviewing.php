<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\AttemptUnderWay;
use App\Gateway\Events\DeviceInterviewing;
use Kavvel\Core\Pairing\AttemptEvent;

final readonly class OnDeviceInterviewing
{
    public function handle(DeviceInterviewing $event): void
    {
        $attempt = AttemptUnderWay::of($event->gateway, $event->address);
        $attempt?->update([
            'state' => $attempt->state->after(AttemptEvent::Interviewed),
            'interview_done' => $event->done,
            'interview_total' => $event->total,
        ]);
    }
}
