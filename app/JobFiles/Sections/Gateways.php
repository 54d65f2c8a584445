<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\JobFiles\StandinAddress;
use App\Models\Gateway;
use App\Models\HubCheck;
use App\Models\Network;
use App\Models\SiteJob;

/** Hubs with their networks. Addresses and tokens never travel: a file can only ask for the stand-in. */
final readonly class Gateways extends Section
{
    public function key(): string
    {
        return 'gateways';
    }

    public function write(SiteJob $job): array
    {
        return $job->gateways()->with(['storey', 'networks', 'checks'])->orderBy('id')->get()->map(static fn (Gateway $gateway): array => [
            'key' => $gateway->key,
            'name' => $gateway->name,
            'storey' => $gateway->storey->key,
            'position' => [$gateway->x, $gateway->y, $gateway->z],
            'link' => $gateway->url === null ? null : 'standin',
            'networks' => $gateway->networks->sortBy('id')->values()->map(static fn (Network $network): array => [
                'protocol' => $network->protocol->value,
                'channel' => $network->channel,
                'chosenAt' => self::time($network->channel_chosen_at),
                'linked' => $network->linked,
            ])->all(),
            ...$gateway->checks->isEmpty() ? [] : ['checks' => self::checks($gateway)],
        ])->values()->all();
    }

    /** @return list<array<string, mixed>> */
    private static function checks(Gateway $gateway): array
    {
        return array_values($gateway->checks->sortBy('id')->map(static fn (HubCheck $one): array => [
            'item' => $one->item->value, 'waived' => $one->is_waived, 'note' => $one->note, 'facts' => $one->facts, 'by' => $one->by,
            'at' => self::time($one->at),
        ])->all());
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            $isLinked = $reading->linksStandin && ($row['link'] ?? null) === 'standin';
            $made = Gateway::query()->create([
                'site_job_id' => $reading->job->id,
                'key' => $row['key'],
                'name' => $row['name'],
                'storey_id' => $reading->id('storeys', $row['storey']),
                ...self::position($row),
                'url' => $isLinked ? StandinAddress::of($reading->job->key) : null,
                'token' => $isLinked ? config('kavvel.standin.token') : null,
            ]);
            $reading->keep($this->key(), $row['key'], $made->id);
            foreach ($row['checks'] ?? [] as $check) {
                $made->checks()->create([
                    'site_job_id' => $reading->job->id, 'item' => $check['item'], 'is_waived' => $check['waived'],
                    'note' => $check['note'] ?? null, 'facts' => $check['facts'] ?? null, 'by' => $check['by'],
                    'at' => $reading->time($check['at']),
                ]);
            }
            foreach ($row['networks'] as $network) {
                Network::query()->create([
                    'site_job_id' => $reading->job->id,
                    'gateway_id' => $made->id,
                    'protocol' => $network['protocol'],
                    'channel' => $network['channel'] ?? null,
                    'channel_chosen_at' => $reading->time($network['chosenAt'] ?? null),
                    'linked' => $network['linked'],
                ]);
            }
        }
    }
}
