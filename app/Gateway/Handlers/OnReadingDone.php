<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\ReadingDone;
use App\Models\MeshReading;

/** The tables are fetched after the event is stored: no call goes out inside its transaction. */
final readonly class OnReadingDone
{
    public function handle(ReadingDone $event): void
    {
        MeshReading::query()->where('reference', $event->reading)->whereIn('state', ['asked', 'running'])->update(['state' => 'reading']);
    }
}
