<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Logbook\Logbook;
use App\Models\JoinWindow;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\AttemptEvent;
use Kavvel\Core\Pairing\AttemptState;

/** Ends a window, and with it what was still under way in it. */
final readonly class WindowEnding
{
    public function __construct(private Logbook $logbook) {}

    public function end(JoinWindow $window, AttemptEvent $because, Carbon $at): void
    {
        $window->update(['state' => 'ended', 'reason' => $because->value, 'ended_at' => $at]);
        foreach ($window->attempts as $attempt) {
            $before = $attempt->state;
            $attempt->pass($because);
            if ($attempt->state === $before) {
                continue;
            }
            $attempt->update(['ended_at' => $at]);
            if ($attempt->state !== AttemptState::Stopped) {
                $line = "The window for the {$attempt->slot->title()} ended: {$attempt->state->words()}.";
                $this->logbook->write($attempt->slot->job()->firstOrFail(), Logbook::HUB, 'pair', $line, $attempt->slot);
            }
        }
    }
}
