<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\KeyUnclear;
use App\Models\JoinWindow;

final readonly class OnKeyUnclear
{
    public function handle(KeyUnclear $event): void
    {
        JoinWindow::query()->where('reference', $event->window)->where('gateway_id', $event->gateway->id)->first()
            ?->update(['unclear' => $event->why]);
    }
}
