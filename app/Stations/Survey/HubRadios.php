<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\Network;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\User;
use App\Radio\Forecasts;
use Kavvel\Core\Protocol\Protocol;

/** What a hub speaks, as its box says, before it is linked and says so itself. */
final readonly class HubRadios
{
    public function __construct(private Logbook $logbook, private Forecasts $forecasts) {}

    /**
     * What a linked hub said itself stays.
     *
     * @param  list<Protocol>  $speaks
     *
     * @throws HubRadioRefused where devices are in over one that it is not to speak any more
     */
    public function say(SiteJob $job, Gateway $hub, array $speaks, User $person): void
    {
        $words = array_map(static fn (Protocol $one): string => $one->value, $speaks);
        $unsaid = Network::query()->where('gateway_id', $hub->id)->where('linked', false)->whereNotIn('protocol', $words);
        $in = Node::query()->where('gateway_id', $hub->id)->where('state', '!=', Node::LEFT)
            ->whereIn('protocol', (clone $unsaid)->select('protocol'))->first();
        if ($in !== null) {
            throw HubRadioRefused::devicesAreIn($hub, $in->protocol);
        }
        $unsaid->delete();
        foreach ($words as $protocol) {
            Network::query()->firstOrCreate(
                ['gateway_id' => $hub->id, 'protocol' => $protocol],
                ['site_job_id' => $job->id, 'linked' => false],
            );
        }
        $titles = array_map(static fn (Protocol $one): string => $one->title(), $speaks);
        $this->logbook->write($job, $person, 'plan', "{$hub->name} speaks ".($titles === [] ? 'nothing yet' : implode(', ', $titles)).'.');
        $this->forecasts->planChanged($job);
    }
}
