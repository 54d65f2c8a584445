<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\WindowClosed;
use App\Gateway\WindowEnding;
use App\Models\JoinWindow;
use Kavvel\Core\Pairing\AttemptEvent;

final readonly class OnWindowClosed
{
    public function __construct(private WindowEnding $ending) {}

    public function handle(WindowClosed $event): void
    {
        $window = JoinWindow::query()->with('attempts.slot.profile')->where('reference', $event->window)->first();
        if ($window !== null) {
            $this->ending->end($window, match ($event->reason) {
                'asked' => AttemptEvent::ClosedByHand,
                'replaced' => AttemptEvent::Replaced,
                default => AttemptEvent::TimeUp,
            }, $event->at);
        }
    }
}
