<?php

declare(strict_types=1);

namespace App\Windows;

use App\Models\JoinWindow;
use App\Models\PairAttempt;
use App\Models\Slot;
use Kavvel\Core\Pairing\AttemptEvent;

/** A window is left by the slot that it was open for, and closed where no other waits. */
final readonly class EndOfWindow
{
    public function close(JoinWindow $window): void
    {
        if (! in_array($window->state, JoinWindow::UNDER_WAY, true)) {
            return;
        }
        CloseWindow::dispatch($window->gateway()->firstOrFail(), $window->id);
    }

    /** This slot is done with its window: the page is free for another. It closes, unless others are to come through it. */
    public function letGo(Slot $slot): void
    {
        $open = JoinWindow::query()->with('attempts.slot.profile')->whereIn('state', JoinWindow::UNDER_WAY)
            ->where(static fn ($any) => $any->where('slot_id', $slot->id)->orWhereRelation('attempts', 'slot_id', $slot->id))->get();
        foreach ($open as $window) {
            $this->leave($window, $slot);
        }
    }

    /** The window is no longer this slot's: the next of its batch has it, or it closes. */
    public function leave(JoinWindow $window, Slot $slot): void
    {
        $others = $window->attempts->filter(
            static fn (PairAttempt $one): bool => $one->slot_id !== $slot->id && $one->state->isOpen(),
        );
        foreach ($window->attempts as $attempt) {
            if ($attempt->slot_id === $slot->id && $attempt->state->isOpen() && $others->isNotEmpty()) {
                $attempt->pass(AttemptEvent::ClosedByHand, ['ended_at' => now()]);
            }
        }
        if ($others->isEmpty()) {
            $this->close($window);
        }
        if ($window->slot_id === $slot->id || $others->isEmpty()) {
            $window->update(['slot_id' => $others->first()?->slot_id]);
        }
    }
}
