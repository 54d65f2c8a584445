<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\GatewayEvent;
use App\Models\JoinWindow;
use App\Models\MeshReading;
use App\Models\Node;
use App\Models\SiteJob;
use App\Tenancy\CurrentCompany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Follows every linked gateway: stores each event and the cursor in one transaction, and survives a gateway
 * that is away, restarts, repeats itself or skips.
 *
 * @phpstan-import-type Event from GatewayClient
 */
final readonly class Listener
{
    /** How old the last sign of life may grow before it is written down again */
    private const NOTE_EVERY_SECONDS = 10;

    /** A gateway whose clock jumps further than this is noted at once: countdowns go by it */
    private const CLOCK_SLACK_SECONDS = 2;

    /** How long an opened window may stay unconfirmed */
    private const UNCONFIRMED_SECONDS = 30;

    /** How long a survey of a large network may take */
    private const SURVEY_SECONDS = 600;

    public function __construct(private CurrentCompany $company, private Intake $intake, private MeshReader $surveys, private Logbook $logbook) {}

    public function pollAll(): void
    {
        foreach (Gateway::query()->withoutGlobalScopes()->whereNotNull('url')->get() as $gateway) {
            $this->company->during($gateway->company_id, fn () => $this->poll($gateway));
        }
    }

    public function poll(Gateway $gateway): void
    {
        $client = GatewayClient::for($gateway);
        try {
            $page = $client->events($gateway->epoch, $gateway->cursor);
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
            foreach (MeshReading::query()->where('gateway_id', $gateway->id)->where('state', 'reading')->get() as $survey) {
                $this->surveys->read($survey, $client);
            }
            $this->giveUp($gateway);
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
                'company_id' => $gateway->company_id, 'site_job_id' => $gateway->site_job_id, 'gateway_id' => $gateway->id, 'epoch' => $gateway->epoch,
                'sequence' => $event['sequence'], 'type' => $event['type'], 'data' => json_encode($event['data'], JSON_THROW_ON_ERROR), 'at' => Carbon::parse($event['at']),
            ]) === 1;
            if ($isNew) {
                $this->intake->take($gateway, $event);
            }
            $gateway->update(['cursor' => $event['sequence']]);
        });
    }

    /** A new epoch: windows and surveys of the old one are over, and the list of nodes is read anew. */
    private function restarted(Gateway $gateway, GatewayClient $client, string $epoch): void
    {
        $isFirst = $gateway->epoch === null;
        DB::transaction(function () use ($gateway, $epoch): void {
            foreach (JoinWindow::query()->with('attempts.slot')->where('gateway_id', $gateway->id)->whereIn('state', ['opening', 'open'])->whereNotNull('opened_at')->get() as $window) {
                $this->intake->endWindow($window, 'restart', now());
            }
            MeshReading::query()->where('gateway_id', $gateway->id)->whereIn('state', ['running', 'reading'])
                ->update(['state' => 'failed', 'reason' => 'The gateway restarted.', 'ended_at' => now()]);
            $gateway->update(['epoch' => $epoch, 'cursor' => 0]);
        });
        $this->resync($gateway, $client);
        if (! $isFirst) {
            $this->logbook->write($this->job($gateway), Logbook::GATEWAY, 'gateway', 'The gateway restarted.');
        }
    }

    private function resync(Gateway $gateway, GatewayClient $client): void
    {
        $listed = $client->nodes()['nodes'];
        DB::transaction(function () use ($gateway, $listed): void {
            $addresses = [];
            $protocols = [];
            foreach ($listed as $node) {
                $addresses[] = $node['address'];
                $protocols[] = $node['protocol'];
                $this->intake->node($gateway, $node, (string) $node['state'], null);
            }
            Node::query()->where('gateway_id', $gateway->id)->whereIn('protocol', array_unique($protocols))->whereNotIn('address', $addresses)
                ->whereNull('left_at')->update(['state' => 'left', 'left_at' => now()]);
        });
    }

    /** What the gateway took in and never spoke of again ends in words: nothing waits for ever. */
    private function giveUp(Gateway $gateway): void
    {
        $before = now()->subSeconds(self::UNCONFIRMED_SECONDS);
        foreach (JoinWindow::query()->with('attempts.slot')->where('gateway_id', $gateway->id)->where('state', 'opening')->where('created_at', '<', $before)->get() as $window) {
            $this->intake->endWindow($window, 'asked', now());
            $window->update(['state' => 'refused', 'reason' => 'The gateway never confirmed it.']);
            $this->job($gateway)->touchLive();
        }
        $ended = MeshReading::query()->where('gateway_id', $gateway->id)->whereIn('state', ['asked', 'running'])->where('asked_at', '<', now()->subSeconds(self::SURVEY_SECONDS))
            ->update(['state' => 'failed', 'reason' => 'The gateway never finished it.', 'ended_at' => now()]);
        if ($ended > 0) {
            $this->job($gateway)->touchLive();
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
        $gateway->update(['heard_at' => now(), 'silent_since' => null, 'clock_ahead_seconds' => $ahead]);
        if ($wasSilent) {
            $this->logbook->write($this->job($gateway), Logbook::GATEWAY, 'gateway', 'The gateway answers again.');
        }
    }

    private function silent(Gateway $gateway, string $why): void
    {
        if ($gateway->silent_since === null) {
            $gateway->update(['silent_since' => now()]);
            $this->logbook->write($this->job($gateway), Logbook::GATEWAY, 'gateway', $why);
        }
    }

    private function job(Gateway $gateway): SiteJob
    {
        return $gateway->job()->firstOrFail();
    }
}
