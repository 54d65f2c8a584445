<?php

declare(strict_types=1);

namespace App\Bus;

use App\Models\BusAddress;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Proving\Proofs;
use Kavvel\Core\Bus\GroupAddress;
use Kavvel\Core\Proving\Shown;

/** What is heard on a wired bus of a device that is in goes into its record. */
final readonly class BusProofs
{
    public function __construct(private Proofs $proofs) {}

    public function heard(SiteJob $job, GroupAddress $address): void
    {
        $slot = Slot::query()->whereNotNull('node_id')->whereIn('id', BusAddress::query()->select('slot_id')
            ->where('site_job_id', $job->id)->where('number', $address->number))->first();
        // Most of what is said on a bus is of no device that is planned.
        $point = $slot === null ? null : JobBus::of($job)->pointAt($address->number);
        if ($slot !== null && $point !== null) {
            $this->show($job, $slot, $point);
        }
    }

    /** All that was heard of it, where it has just come in as well. */
    public function show(SiteJob $job, Slot $slot, BusPoint $point): void
    {
        foreach (Shown::byBus($slot->profile()->firstOrFail()->core($job->region), $point->heard) as $shown) {
            $this->proofs->show($slot, $shown);
        }
    }
}
