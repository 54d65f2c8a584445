<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\AttemptUnderWay;
use App\Gateway\Events\DeviceSecured;
use Kavvel\Core\Pairing\AttemptEvent;

final readonly class OnDeviceSecured
{
    public function handle(DeviceSecured $event): void
    {
        AttemptUnderWay::of($event->gateway, $event->address)?->pass(AttemptEvent::Secured, [
            'secured_with' => $event->with, 'asked_dsk' => null,
        ]);
    }
}
