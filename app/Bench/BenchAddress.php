<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\SiteJob;
use App\Stations\Asked;

/** Where a bench page is found; it links to itself some hundred times. */
final readonly class BenchAddress
{
    private string $address;

    public function __construct(SiteJob $job, string $station, private Asked $asked, private string $storey, private ?string $slot)
    {
        $this->address = route(StationList::route($station), $job);
    }

    /** @param array<string, string|null> $change */
    public function with(array $change): string
    {
        $query = array_filter([
            'storey' => $this->storey,
            'next' => $this->asked->next,
            'lens' => $this->asked->lens,
            'slot' => $this->slot,
            ...$change,
        ], static fn (?string $value): bool => $value !== null);

        return $query === [] ? $this->address : $this->address.'?'.http_build_query($query);
    }
}
