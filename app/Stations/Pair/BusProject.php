<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Logbook\Logbook;
use App\Models\BusAddress;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Bus\ControlPoint;
use Kavvel\Core\Bus\GroupEntry;

/** The project of a wired bus: its addresses, what they are together, and which planned device each is. */
final readonly class BusProject
{
    public function __construct(private Logbook $logbook) {}

    /**
     * A project takes the place of the one before; control points of the same name stay with their device.
     *
     * @param  non-empty-list<GroupEntry>  $entries
     */
    public function import(SiteJob $job, array $entries, User $person): void
    {
        $kept = $this->slotsByPoint(BusAddress::query()->where('site_job_id', $job->id)->get());
        BusAddress::query()->where('site_job_id', $job->id)->delete();
        foreach ($entries as $entry) {
            BusAddress::query()->create([
                'site_job_id' => $job->id, 'slot_id' => $kept[ControlPoint::key($entry->point)] ?? null,
                'address' => $entry->address->text, 'number' => $entry->address->number, 'name' => $entry->name,
                'point' => $entry->point, 'function' => $entry->function,
            ]);
        }
        $many = count($entries);
        $this->logbook->write($job, $person, 'pair', "Took in {$many} addresses of the bus.");
    }

    /** @throws BusRefused */
    public function match(SiteJob $job, string $point, ?Slot $slot, User $person): void
    {
        $addresses = BusAddress::query()->where('site_job_id', $job->id)->lockForUpdate()->get();
        $isOfPoint = static fn (BusAddress $one): bool => ControlPoint::key($one->point) === ControlPoint::key($point);
        $ofPoint = $addresses->filter($isOfPoint);
        if ($ofPoint->isEmpty()) {
            throw BusRefused::isGone($point);
        }
        $other = $slot === null ? null : $addresses->reject($isOfPoint)->firstWhere('slot_id', $slot->id);
        if ($slot !== null && $other !== null) {
            throw BusRefused::isTaken($slot, $other->point);
        }
        BusAddress::query()->whereKey($ofPoint->modelKeys())->update(['slot_id' => $slot?->id]);
        $line = $slot === null ? "“{$point}” of the bus is no planned device." : "“{$point}” of the bus is the {$slot->title()}.";
        $this->logbook->write($job, $person, 'pair', $line, $slot);
    }

    /**
     * @param  Collection<int, BusAddress>  $addresses
     * @return array<string, int>
     */
    private function slotsByPoint(Collection $addresses): array
    {
        $slots = [];
        foreach ($addresses as $address) {
            if ($address->slot_id !== null) {
                $slots[ControlPoint::key($address->point)] = $address->slot_id;
            }
        }

        return $slots;
    }
}
