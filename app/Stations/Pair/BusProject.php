<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Logbook\Logbook;
use App\Models\BusAddress;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Kavvel\Core\Bus\ControlPoint;
use Kavvel\Core\Bus\GroupEntry;
use Kavvel\Core\Protocol\Protocol;

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
        $kept = BusAddress::query()->where('site_job_id', $job->id)->whereNotNull('slot_id')->pluck('slot_id', 'point');
        BusAddress::query()->where('site_job_id', $job->id)->delete();
        foreach ($entries as $entry) {
            BusAddress::query()->create([
                'site_job_id' => $job->id, 'slot_id' => $kept[$entry->point] ?? null, 'address' => $entry->address->text,
                'number' => $entry->address->number, 'name' => $entry->name, 'point' => $entry->point, 'function' => $entry->function,
            ]);
        }
        $many = count($entries);
        $this->logbook->write($job, $person, 'pair', "Took in {$many} addresses of the bus.");
    }

    /** @throws BusRefused */
    public function match(SiteJob $job, string $point, ?Slot $slot, User $person): void
    {
        $addresses = BusAddress::query()->where('site_job_id', $job->id)->where('point', $point);
        if (! (clone $addresses)->exists()) {
            throw BusRefused::isGone($point);
        }
        $other = $slot === null ? null : BusAddress::query()->where('site_job_id', $job->id)
            ->where('slot_id', $slot->id)->where('point', '!=', $point)->first();
        if ($slot !== null && $other !== null) {
            throw BusRefused::isTaken($slot, $other->point);
        }
        $addresses->update(['slot_id' => $slot?->id]);
        $line = $slot === null ? "“{$point}” of the bus is no planned device." : "“{$point}” of the bus is the {$slot->title()}.";
        $this->logbook->write($job, $person, 'pair', $line, $slot);
    }

    /** @return list<array{point: ControlPoint, card: SlotCard|null}> */
    public function points(JobSheet $sheet): array
    {
        $rows = BusAddress::query()->where('site_job_id', $sheet->job->id)->orderBy('number')->get();
        $slots = $rows->pluck('slot_id', 'point');
        $entries = array_values(array_filter($rows->map(static fn (BusAddress $row): ?GroupEntry => $row->entry())->all()));

        return array_map(static fn (ControlPoint $point): array => [
            'point' => $point, 'card' => $sheet->cardOfSlot($slots[$point->name] ?? null),
        ], ControlPoint::all($entries));
    }

    /** @return list<SlotCard> devices of the bus on the plan */
    public function devices(JobSheet $sheet): array
    {
        return array_values($sheet->ofProtocol(Protocol::WiredBus));
    }
}
