<?php

declare(strict_types=1);

namespace App\JobList;

use App\Gateway\GatewayClient;
use App\Gateway\WindowEnding;
use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\JoinWindow;
use App\Models\Network;
use App\Models\Room;
use App\Models\SiteJob;
use App\Models\User;
use App\Outside\OutsideFailure;
use App\Radio\Forecasts;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Pairing\AttemptEvent;
use Kavvel\Core\Protocol\Protocol;

/** Puts hubs onto the plan of a job, and links them. One hub is followed by one job. */
final readonly class HubLinks
{
    /** Where a hub stands until somebody says otherwise, above the floor */
    private const HEIGHT_M = 1.2;

    public function __construct(private Forecasts $forecasts, private WindowEnding $ending, private Logbook $logbook) {}

    public function add(SiteJob $job, Room $room, string $name, User $person): Gateway
    {
        [$x, $y] = Shape::inside(array_values($room->outline));
        $hub = Gateway::query()->create([
            'site_job_id' => $job->id,
            'key' => 'hub-'.strtolower(str()->random(6)),
            'name' => $name,
            'storey_id' => $room->storey_id,
            'x' => $x,
            'y' => $y,
            'z' => $room->storey()->firstOrFail()->elevation + self::HEIGHT_M,
        ]);
        $this->logbook->write($job, $person, 'plan', "Put {$name} into the ".mb_strtolower($room->name).'.');
        $this->forecasts->planChanged($job);

        return $hub;
    }

    /** @throws HubRefused when it does not answer, or another job follows it */
    public function link(SiteJob $job, Gateway $hub, string $url, string $token, User $person): void
    {
        $url = rtrim($url, '/');
        if (Gateway::query()->withoutGlobalScopes()->where('url', $url)->whereKeyNot($hub->id)->exists()) {
            throw HubRefused::isFollowedElsewhere();
        }
        $hub->fill([
            'url' => $url, 'token' => $token, 'epoch' => null, 'cursor' => 0, 'silent_since' => null, 'silent_because' => null,
            'heard_at' => null,
        ]);
        try {
            $radios = GatewayClient::for($hub)->about()['radios'];
        } catch (OutsideFailure $failed) {
            throw HubRefused::doesNotAnswer($failed->getMessage());
        }
        $hub->save();
        foreach (array_intersect(array_column($radios, 'protocol'), Protocol::words()) as $protocol) {
            Network::query()->updateOrCreate(['gateway_id' => $hub->id, 'protocol' => $protocol], [
                'site_job_id' => $job->id, 'linked' => true,
            ]);
        }
        $this->logbook->write($job, $person, 'gateway', "Linked {$hub->name}.");
        $this->forecasts->planChanged($job);
    }

    public function unlink(SiteJob $job, Gateway $hub, User $person): void
    {
        $hub->update(['url' => null, 'token' => null, 'silent_since' => null, 'silent_because' => null]);
        foreach ($hub->joinWindows()->with('attempts.slot.profile')->whereIn('state', JoinWindow::UNDER_WAY)->get() as $window) {
            $this->ending->end($window, AttemptEvent::ClosedByHand, now());
        }
        $this->logbook->write($job, $person, 'gateway', "Took the link off {$hub->name}.");
    }
}
