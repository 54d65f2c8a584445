<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\AttemptUnderWay;
use App\Gateway\Events\DeviceNetworked;
use Kavvel\Core\Pairing\AttemptEvent;

final readonly class OnDeviceNetworked
{
    public function handle(DeviceNetworked $event): void
    {
        AttemptUnderWay::of($event->gateway, $event->address)?->pass(AttemptEvent::Networked);
    }
}
