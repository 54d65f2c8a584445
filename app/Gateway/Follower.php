<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\GatewayEvent;
use App\Models\JoinWindow;
use App\Models\MeshReading;
use App\Models\SiteJob;
use App\Models\Slot;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Pairing\AttemptEvent;

/**
 * Takes in what one gateway says: stores each event and the cursor in one transaction, and survives a gateway that is
 * away, restarts, repeats itself or skips.
 *
 * @phpstan-import-type Event from GatewayClient
 * @phpstan-import-type Page from GatewayClient
 */
final readonly class Follower
{
    /** How old the last sign of life may grow before it is written down again */
    private const NOTE_EVERY_SECONDS = 10;

    /** A gateway whose clock jumps further than this is noted at once: countdowns go by it */
    private const CLOCK_SLACK_SECONDS = 2;

    public function __construct(
        private Dispatcher $events,
        private NodeList $nodes,
        private WindowEnding $ending,
        private MeshReader $meshes,
        private Unfinished $unfinished,
        private Logbook $logbook,
    ) {}

    public function takeIn(Gateway $gateway, mixed $answer): void
    {
        $client = GatewayClient::for($gateway);
        try {
            $page = $client->page($answer);
            if ($page['epoch'] !== $gateway->epoch) {
                $this->restarted($gateway, $client, $page['epoch']);
            } elseif ($page['oldest'] > $gateway->cursor + 1) {
                $this->resync($gateway, $client);
                $gateway->update(['cursor' => $page['oldest'] - 1]);
            }
            foreach ($page['events'] as $event) {
                $this->store($gateway, $client, $event);
            }
            $this->heard($gateway, Carbon::parse($page['clock']));
            $this->meshes->readAll($gateway, $client);
            $this->unfinished->giveUp($gateway);
        } catch (GatewayAway|GatewayRefused $away) {
            $this->silent($gateway, $away->getMessage());
        }
    }

    /** @param Event $event */
    private function store(Gateway $gateway, GatewayClient $client, array $event): void
    {
        if ($event['sequence'] <= $gateway->cursor) {
            return;
        }
        if ($event['sequence'] > $gateway->cursor + 1) {
            $this->resync($gateway, $client);
        }
        DB::transaction(function () use ($gateway, $event): void {
            $isNew = GatewayEvent::query()->insertOrIgnore([
                'company_id' => $gateway->company_id,
                'site_job_id' => $gateway->site_job_id,
                'gateway_id' => $gateway->id,
                'epoch' => $gateway->epoch,
                'sequence' => $event['sequence'],
                'type' => $event['type'],
                'data' => json_encode($event['data'], JSON_THROW_ON_ERROR),
                'at' => Carbon::parse($event['at']),
            ]) === 1;
            if ($isNew) {
                $this->dispatch($gateway, $event);
            }
            $gateway->update(['cursor' => $event['sequence']]);
        });
    }

    /** @param Event $event */
    private function dispatch(Gateway $gateway, array $event): void
    {
        try {
            $read = EventReader::read($gateway, $event);
        } catch (InvalidInput $unreadable) {
            $this->logbook->write(
                $this->job($gateway),
                Logbook::HUB,
                'gateway',
                "{$event['type']} could not be read. {$unreadable->getMessage()}",
            );

            return;
        }
        if ($read !== null) {
            $this->events->dispatch($read);
            $this->job($gateway)->touchLive();
        }
    }

    /** A new epoch: windows and readings of the old one are over, and the list of nodes is read anew. */
    private function restarted(Gateway $gateway, GatewayClient $client, string $epoch): void
    {
        $isFirst = $gateway->epoch === null;
        DB::transaction(function () use ($gateway, $epoch): void {
            $open = JoinWindow::query()->with('attempts.slot')->where('gateway_id', $gateway->id)
                ->whereIn('state', JoinWindow::UNDER_WAY)->whereNotNull('opened_at')->get();
            foreach ($open as $window) {
                $this->ending->end($window, AttemptEvent::HubRestarted, now());
            }
            MeshReading::query()->where('gateway_id', $gateway->id)->whereIn('state', ['running', 'reading'])
                ->update(['state' => 'failed', 'reason' => 'The hub restarted.', 'ended_at' => now()]);
            Slot::query()->whereNotNull('name_command')->whereNull('named_at')->whereNull('name_refused')
                ->whereRelation('node', 'gateway_id', $gateway->id)
                ->update(['name_refused' => 'The hub restarted before it had confirmed it.']);
            $gateway->update(['epoch' => $epoch, 'cursor' => 0]);
        });
        $this->resync($gateway, $client);
        if (! $isFirst) {
            $this->logbook->write($this->job($gateway), Logbook::HUB, 'gateway', "{$gateway->name} restarted.");
        }
    }

    private function resync(Gateway $gateway, GatewayClient $client): void
    {
        $listed = array_map(static fn (array $node): ListedNode => ListedNode::read(Input::of($node)), $client->nodes()['nodes']);
        DB::transaction(fn () => $this->nodes->replace($gateway, $listed));
    }

    private function heard(Gateway $gateway, Carbon $clock): void
    {
        $wasSilent = $gateway->silent_since !== null;
        $ahead = (int) round(now()->diffInSeconds($clock));
        $isFresh = $gateway->heard_at !== null && $gateway->heard_at->diffInSeconds(now()) < self::NOTE_EVERY_SECONDS;
        if (! $wasSilent && $isFresh && abs($ahead - $gateway->clock_ahead_seconds) <= self::CLOCK_SLACK_SECONDS) {
            return;
        }
        $gateway->update(['heard_at' => now(), 'silent_since' => null, 'clock_ahead_seconds' => $ahead]);
        if ($wasSilent) {
            $this->logbook->write($this->job($gateway), Logbook::HUB, 'gateway', "{$gateway->name} answers again.");
        }
    }

    private function silent(Gateway $gateway, string $why): void
    {
        if ($gateway->silent_since === null) {
            $gateway->update(['silent_since' => now()]);
            $this->logbook->write($this->job($gateway), Logbook::HUB, 'gateway', $why);
        }
    }

    private function job(Gateway $gateway): SiteJob
    {
        return $gateway->job()->firstOrFail();
    }
}
