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
        AttemptUnderWay::of($event->gateway, $event->address)?->pass(AttemptEvent::Interviewed, [
            'interview_done' => $event->done,
            'interview_total' => $event->total,
        ]);
    }
}
