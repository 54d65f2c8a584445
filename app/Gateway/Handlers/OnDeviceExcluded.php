<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\DeviceExcluded;
use App\Logbook\Logbook;
use App\Models\JoinWindow;

/** The window says which slot the device was excluded for: it is free to join now. */
final readonly class OnDeviceExcluded
{
    public function __construct(private Logbook $logbook) {}

    public function handle(DeviceExcluded $event): void
    {
        $window = JoinWindow::query()->with('slot')->where('reference', $event->window)->first();
        $slot = $window?->slot;
        $slot?->update(['left_at' => $event->at]);
        $what = $slot === null ? 'A device' : "The {$slot->title()}";
        $from = $event->address === null ? 'whatever network it was in' : 'this network';
        $line = "{$what} was excluded from {$from}.";
        $this->logbook->write($event->gateway->job()->firstOrFail(), Logbook::HUB, 'pair', $line, $slot);
    }
}
