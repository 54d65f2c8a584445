<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\SiteJob;
use App\Models\User;
use App\Stations\Asked;
use App\Stations\Move;

/** What the middle and the card are made from where the job alone is enough: no slots, no hubs, no other station. */
final readonly class QuickBench
{
    private BenchAddress $address;

    /** @param list<array{key: string, name: string}> $storeys the highest first */
    public function __construct(
        public SiteJob $job,
        public string $station,
        public Asked $asked,
        public Move $move,
        public string $storey,
        public array $storeys,
        public User $user,
    ) {
        $this->address = new BenchAddress($job, $station, $asked, $storey, null);
    }

    /** @param array<string, string|null> $change */
    public function url(array $change = []): string
    {
        return $this->address->with($change);
    }

    public function mayWork(): bool
    {
        return $this->user->can('work', $this->job);
    }
}
