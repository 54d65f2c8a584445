<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\AttemptUnderWay;
use App\Gateway\Events\DeviceAsks;

final readonly class OnDeviceAsks
{
    public function handle(DeviceAsks $event): void
    {
        AttemptUnderWay::of($event->gateway, $event->address)?->update(['asked_dsk' => $event->dsk, 'pin_refused' => null]);
    }
}
