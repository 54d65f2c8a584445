<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Bus\BusProofs;
use App\Gateway\Events\BusHeard;
use App\Models\BusTelegram;
use App\Models\JoinWindow;

final readonly class OnBusHeard
{
    public function __construct(private BusProofs $proofs) {}

    public function handle(BusHeard $event): void
    {
        $window = JoinWindow::query()->where('reference', $event->window)->where('gateway_id', $event->gateway->id)->first();
        if ($window !== null) {
            BusTelegram::keep($window, $event->address, $event->from, $event->value, $event->at);
            $this->proofs->heard($event->gateway->job()->firstOrFail(), $event->address);
        }
    }
}
