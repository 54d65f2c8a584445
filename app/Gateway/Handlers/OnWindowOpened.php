<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\WindowOpened;
use App\Models\JoinWindow;
use Kavvel\Core\Pairing\AttemptEvent;

/** A window that counted as refused is open all the same when only the answer was lost. */
final readonly class OnWindowOpened
{
    public function handle(WindowOpened $event): void
    {
        $window = JoinWindow::query()->with('attempts.slot.profile')->where('reference', $event->window)->first();
        if ($window === null) {
            return;
        }
        if ($window->state === 'refused') {
            foreach ($window->attempts as $attempt) {
                $attempt->pass(AttemptEvent::OpenedAfterAll, ['ended_at' => null]);
            }
        }
        $window->update([
            'state' => 'open', 'reason' => null, 'opened_at' => $event->at, 'closes_at' => $event->closesAt, 'ended_at' => null,
        ]);
    }
}
