<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Models\BusTelegram;
use App\Models\Gateway;
use App\Models\JoinWindow;
use App\Models\MeshReading;
use Kavvel\Core\Pairing\AttemptEvent;

/** What a gateway took in and never spoke of again ends in words: nothing waits for ever. */
final readonly class Unfinished
{
    /** How long an opened window may stay unconfirmed */
    private const UNCONFIRMED_SECONDS = 30;

    /** How long a reading of a large network may take */
    private const READING_SECONDS = 600;

    public function __construct(private WindowEnding $ending) {}

    public function giveUp(Gateway $gateway): void
    {
        $before = now()->subSeconds(self::UNCONFIRMED_SECONDS);
        $windows = JoinWindow::query()->with('attempts.slot.profile')->where('gateway_id', $gateway->id)
            ->where('state', 'opening')->where('created_at', '<', $before)->get();
        foreach ($windows as $window) {
            $this->ending->end($window, AttemptEvent::Refused, now());
            $window->update(['state' => 'refused', 'reason' => 'The hub never confirmed it.']);
        }
        $readings = MeshReading::query()->where('gateway_id', $gateway->id)->whereIn('state', ['asked', 'running'])
            ->where('asked_at', '<', now()->subSeconds(self::READING_SECONDS))
            ->update(['state' => 'failed', 'reason' => 'The hub never finished it.', 'ended_at' => now()]);
        // Nobody says that nothing was said: whoever looks at the bus sees it now.
        $silences = BusTelegram::query()->where('site_job_id', $gateway->site_job_id)->where('due_at', '<', now())
            ->update(['due_at' => null]);
        if ($windows->isNotEmpty() || $readings > 0 || $silences > 0) {
            $gateway->job()->firstOrFail()->touchLive();
        }
    }
}
