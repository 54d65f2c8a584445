<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\SignalSent;
use App\Models\LearntKey;

final readonly class OnSignalSent
{
    public function handle(SignalSent $event): void
    {
        LearntKey::query()->where('site_job_id', $event->gateway->site_job_id)->where('sent_reference', $event->command)->first()
            ?->update(['sent_at' => $event->at, 'send_refused' => null]);
    }
}
