<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Models\SiteJob;
use App\Models\Slot;
use Illuminate\Contracts\Session\Session;

/** Slots that this person skipped for now, until they sign out. */
final readonly class PutOff
{
    public function __construct(private Session $session) {}

    /** @return list<string> */
    public function keys(SiteJob $job): array
    {
        return array_values((array) $this->session->get("put-off.{$job->id}", []));
    }

    public function add(SiteJob $job, Slot $slot): void
    {
        $this->session->put("put-off.{$job->id}", array_values(array_unique([...$this->keys($job), $slot->key])));
    }
}
