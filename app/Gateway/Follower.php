<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\JoinWindow;
use App\Models\MeshReading;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Outside\OutsideAway;
use App\Outside\OutsideBroken;
use App\Outside\OutsideFailure;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\Pairing\AttemptEvent;

/** Takes in what one gateway says, and survives one that is away, restarts, repeats itself, skips, or sends nonsense. */
final readonly class Follower
{
    /** How old the last sign of life may grow before it is written down again */
    private const NOTE_EVERY_SECONDS = 10;

    /** A gateway whose clock jumps further than this is noted at once: countdowns go by it */
    private const CLOCK_SLACK_SECONDS = 2;

    private const LONGEST_REASON = 500;

    public function __construct(
        private EventStore $events,
        private WindowEnding $ending,
        private Unfinished $unfinished,
        private Logbook $logbook,
    ) {}

    public function takeIn(Gateway $gateway, mixed $answer): void
    {
        try {
            $page = GatewayClient::for($gateway)->page($answer);
            if ($page->epoch !== $gateway->epoch) {
                $this->restarted($gateway, $page->epoch);
            } elseif ($page->oldest > $gateway->cursor + 1 || $page->newest < $gateway->cursor) {
                // Events were forgotten, or are counted anew without a restart: what was missed is in the list of nodes.
                $gateway->update([
                    'cursor' => max(0, min($gateway->cursor, $page->newest), $page->oldest - 1), 'nodes_due' => true,
                ]);
            }
            $this->takeAll($gateway, $page->events);
            $this->heard($gateway, $page->clock);
            $this->askForWhatIsDue($gateway);
            $this->unfinished->giveUp($gateway);
        } catch (OutsideFailure $failure) {
            $this->silent($gateway, $failure);
        }
    }

    /** Its answer has broken something of ours: this hub waits, the others go on. */
    public function failed(Gateway $gateway): void
    {
        $this->silent($gateway, OutsideBroken::unforeseen());
    }

    /** @param list<RawEvent> $events in the order of their numbers */
    private function takeAll(Gateway $gateway, array $events): void
    {
        $isComplete = true;
        foreach ($events as $event) {
            if ($event->sequence > $gateway->cursor) {
                $isComplete = $isComplete && $event->sequence === $gateway->cursor + 1;
                $this->events->take($gateway, $event);
            }
        }
        if (! $isComplete) {
            $gateway->update(['nodes_due' => true]);
        }
    }

    /** What could not be read is due until it was: each is asked for again as long as the hub answers. */
    private function askForWhatIsDue(Gateway $gateway): void
    {
        if ($gateway->nodes_due) {
            RereadNodes::dispatch($gateway);
        }
        foreach (MeshReading::query()->where('gateway_id', $gateway->id)->due()->pluck('id') as $id) {
            ReadMesh::dispatch($gateway, (int) $id);
        }
    }

    /** A new epoch: windows and readings of the old one are over, and the list of nodes is read anew. */
    private function restarted(Gateway $gateway, string $epoch): void
    {
        $isFirst = $gateway->epoch === null;
        DB::transaction(function () use ($gateway, $epoch): void {
            $open = JoinWindow::query()->with('attempts.slot.profile')->where('gateway_id', $gateway->id)
                ->whereIn('state', JoinWindow::UNDER_WAY)->whereNotNull('opened_at')->get();
            foreach ($open as $window) {
                $this->ending->end($window, AttemptEvent::HubRestarted, now());
            }
            MeshReading::query()->where('gateway_id', $gateway->id)->whereIn('state', ['running', 'reading'])
                ->update(['state' => 'failed', 'reason' => 'The hub restarted.', 'ended_at' => now()]);
            Slot::query()->whereNotNull('name_command')->whereNull('named_at')->whereNull('name_refused')
                ->whereRelation('node', 'gateway_id', $gateway->id)
                ->update(['name_refused' => 'The hub restarted before it had confirmed it.']);
            $gateway->update(['epoch' => $epoch, 'cursor' => 0, 'nodes_due' => true]);
        });
        if (! $isFirst) {
            $this->logbook->write($this->job($gateway), Logbook::HUB, 'gateway', "{$gateway->name} restarted.");
        }
    }

    private function heard(Gateway $gateway, Carbon $clock): void
    {
        $wasSilent = $gateway->silent_since !== null;
        $ahead = (int) round(now()->diffInSeconds($clock));
        $isFresh = $gateway->heard_at !== null && $gateway->heard_at->diffInSeconds(now()) < self::NOTE_EVERY_SECONDS;
        if (! $wasSilent && $isFresh && abs($ahead - $gateway->clock_ahead_seconds) <= self::CLOCK_SLACK_SECONDS) {
            return;
        }
        $gateway->update(['heard_at' => now(), 'silent_since' => null, 'silent_because' => null, 'clock_ahead_seconds' => $ahead]);
        if ($wasSilent) {
            $this->logbook->write($this->job($gateway), Logbook::HUB, 'gateway', "{$gateway->name} answers again.");
        }
    }

    /** Written down once, however often it happens and whatever else goes wrong meanwhile. */
    private function silent(Gateway $gateway, OutsideFailure $failure): void
    {
        $why = mb_strimwidth($failure->getMessage(), 0, self::LONGEST_REASON, '…');
        $because = $failure instanceof OutsideAway ? null : $why;
        if ($gateway->silent_since === null) {
            $this->logbook->write($this->job($gateway), Logbook::HUB, 'gateway', $why);
        }
        if ($gateway->silent_since === null || $gateway->silent_because !== $because) {
            $gateway->update(['silent_since' => $gateway->silent_since ?? now(), 'silent_because' => $because]);
        }
    }

    private function job(Gateway $gateway): SiteJob
    {
        return $gateway->job()->firstOrFail();
    }
}
