<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\TelegramSent;
use App\Models\BusAddress;
use App\Models\BusTelegram;
use App\Models\JoinWindow;

/** Whether anything obeyed, the addresses that tell a state say. */
final readonly class OnTelegramSent
{
    public function handle(TelegramSent $event): void
    {
        $sent = BusAddress::query()->where('site_job_id', $event->gateway->site_job_id)->where('sent_reference', $event->command)->first();
        $address = $sent?->entry()?->address;
        $window = JoinWindow::query()->where('gateway_id', $event->gateway->id)->where('kind', 'hear')
            ->whereIn('state', JoinWindow::UNDER_WAY)->latest('id')->first();
        if ($address !== null && $window !== null) {
            BusTelegram::keep($window, $address, null, (string) $sent->sent_value, $event->at);
        }
        $sent?->update(['sent_reference' => null, 'send_refused' => null]);
    }
}
