<?php

declare(strict_types=1);

namespace App\Stations\Survey\Channels;

use App\Logbook\Logbook;
use App\Models\Network;
use App\Models\SiteJob;
use App\Models\User;

/** Writes down which channel a network is to use; setting it is done at the hub. */
final readonly class ChannelChoice
{
    public function __construct(private Logbook $logbook) {}

    /** @throws ChannelRefused where somebody chose another meanwhile */
    public function choose(SiteJob $job, Network $network, int $channel, ?int $seen, User $person): void
    {
        $written = Network::query()->whereKey($network->id)->where('channel', $seen)
            ->update(['channel' => $channel, 'channel_chosen_at' => now()]);
        if ($written === 0) {
            throw ChannelRefused::changedMeanwhile($network->refresh());
        }
        $was = $seen === null || $seen === $channel ? '' : " instead of {$seen}";
        $this->logbook->write($job, $person, 'plan', "Chose {$network->protocol->title()} channel {$channel}{$was}.");
    }
}
