<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\AttemptUnderWay;
use App\Gateway\Events\DeviceSeen;

final readonly class OnDeviceSeen
{
    public function handle(DeviceSeen $event): void
    {
        AttemptUnderWay::inWindow($event->gateway, $event->window)?->update(['other_seen' => true]);
    }
}
