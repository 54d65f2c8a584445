<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\ReadingProgress;
use App\Models\MeshReading;

final readonly class OnReadingProgress
{
    public function handle(ReadingProgress $event): void
    {
        MeshReading::query()->where('reference', $event->reading)->whereIn('state', ['asked', 'running'])
            ->update(['done' => $event->done, 'total' => $event->total, 'state' => 'running']);
    }
}
