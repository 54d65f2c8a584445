<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Pack;
use App\Models\User;
use Illuminate\Support\Facades\Route as Router;

/** Every address below a job, found in the routes themselves. */
trait AddressesOfTheJob
{
    /** @return list<array{string, string}> every address below /jobs/{job}, with things of that job in it */
    private function addressesOfTheJob(): array
    {
        $job = $this->siteJob();
        $pack = Pack::query()->create(['site_job_id' => $job->id, 'number' => 1, 'state' => 'asked', 'asked_at' => now()]);
        $with = [
            'job' => $job->key, 'slot' => 'front-lock', 'storey' => 'ground', 'pack' => (string) $pack->number,
            'snag' => (string) $job->snags()->value('key'), 'question' => (string) $job->questions()->value('key'),
            'credential' => (string) $job->credentials()->value('id'), 'pairAttempt' => (string) $job->pairAttempts()->value('id'),
            'station' => 'pair', 'gateway' => (string) $job->gateways()->value('key'),
            'joinWindow' => (string) $job
                ->joinWindows()
                ->create([
                    'gateway_id' => $job->gateways()->value('id'), 'reference' => 'window-1', 'state' => 'ended', 'seconds' => 1,
                ])->reference,
        ];
        $with['gatewayEvent'] = (string) $job->gatewayEvents()->create([
            'gateway_id' => $job->gateways()->value('id'), 'epoch' => 'one', 'sequence' => 1, 'type' => 'x', 'data' => [], 'at' => now(),
        ])->id;
        $with['planEdit'] = (string) $job->planEdits()->create([
            'by' => 'Mara', 'words' => 'moved the hall', 'changes' => [], 'made_at' => now(),
        ])->id;
        $with['network'] = (string) $job->networks()->value('id');
        $with['heardNetwork'] = $job->heardNetworks()->create([
            'key' => 'heard-1', 'name' => 'Gull', 'channel' => 1, 'width_mhz' => 20, 'rssi_dbm' => -60, 'busy' => 0.5, 'heard_at' => now(),
        ])->key;
        $circuit = $job->circuits()->firstOrFail();
        $with['circuit'] = $circuit->key;
        $with['room'] = (string) $job->rooms()->value('key');
        $with['keyUse'] = (string) $job->keyUses()->value('id');
        $with['closing'] = (string) $job->closings()->value('key');
        $with['existingDevice'] = (string) $job->existingDevices()->value('key');
        $with['temporaryState'] = (string) $job->temporaryStates()->value('key');
        $with['tradeWork'] = (string) $job->tradeWorks()->value('id');
        $with['pointStep'] = (string) $job->pointSteps()->value('id');
        $with['check'] = 'radio';
        $with['meshReading'] = (string) $job->meshReadings()->create([
            'gateway_id' => $job->gateways()->value('id'), 'reference' => 'reading-1', 'protocol' => 'zigbee', 'state' => 'done',
            'asked_at' => now(), 'ended_at' => now(),
        ])->id;
        $with['meshProposal'] = $job->meshProposals()->create([
            'company_id' => $job->company_id, 'key' => 'proposal-1', 'protocol' => 'zigbee', 'changes' => 'off:signal-plug', 'by' => 'Mara',
            'at' => now(),
        ])->key;
        $with['ecosystem'] = (string) $job->ecosystems()->value('key');
        $with['bridgeBox'] = (string) $job->bridgeBoxes()->value('key');
        $with['wrapper'] = (string) $job->wrappers()->create([
            'slot_id' => $job->slots()->value('id'), 'wrapping' => 'tilt-as-cover', 'box_key' => 'hub', 'ecosystems' => [],
            'default_value' => 'closed',
        ])->id;
        $with['bridgeLink'] = (string) $job->bridgeLinks()->create(['key' => 'from a to b', 'acts' => [], 'devices' => []])->id;
        $with['node'] = (string) $job->nodes()->value('id');
        $with['listening'] = (string) $job->listenings()->create([
            'slot_id' => $job->slots()->value('id'), 'user_id' => User::query()->value('id'), 'round_at' => now(),
        ])->id;
        $with['nameBatch'] = (string) $job->nameBatches()->create(['words' => 'all by the pattern', 'by' => 'Mara', 'at' => now()])->id;
        $addresses = [];
        foreach (Router::getRoutes()->getRoutes() as $route) {
            if (! str_starts_with($route->uri(), 'jobs/{job}')) {
                continue;
            }
            $url = (string) preg_replace_callback(
                '/\{(\w+?)(?::\w+)?\}/',
                static fn (array $found): string => $with[$found[1]],
                $route->uri(),
            );
            $addresses[] = [$route->methods()[0], "/{$url}"];
        }

        return $addresses;
    }
}
