<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\ReadingMore;
use App\Models\MeshReading;

final readonly class OnReadingMore
{
    public function handle(ReadingMore $event): void
    {
        MeshReading::query()->where('reference', $event->reading)->where('gateway_id', $event->gateway->id)->where('state', 'done')
            ->update(['more_due' => true]);
    }
}
