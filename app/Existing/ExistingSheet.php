<?php

declare(strict_types=1);

namespace App\Existing;

use App\JobSheet\Catalogue;
use App\Models\ExistingDevice;
use App\Models\SiteJob;
use Kavvel\Core\Existing\ExistingDevice as CoreDevice;
use Kavvel\Core\Existing\ExistingStanding;

/** The devices that a house had before, and how far each is. */
final readonly class ExistingSheet
{
    /**
     * @param  array<string, ExistingDevice>  $rows  by key
     * @param  array<string, CoreDevice>  $devices  by key
     */
    private function __construct(public array $rows, public array $devices) {}

    public static function of(SiteJob $job): self
    {
        $catalogue = Catalogue::of($job->region);
        $rows = ExistingDevice::query()->where('site_job_id', $job->id)->with('slot')->orderBy('id')->get()->keyBy('key')->all();

        return new self($rows, array_map(static fn (ExistingDevice $one): CoreDevice => $one->core($catalogue), $rows));
    }

    /** What has to be done next, before anything is paired. */
    public function next(): ?CoreDevice
    {
        return ExistingStanding::next(array_values($this->devices));
    }

    /** The one that a slot is for, as long as it is still in what it was in. */
    public function held(int $slotId): ?ExistingDevice
    {
        foreach ($this->rows as $key => $row) {
            if ($row->slot_id === $slotId && $this->devices[$key]->leavesFirst()) {
                return $row;
            }
        }

        return null;
    }

    public function count(ExistingStanding $standing): int
    {
        return count(array_filter($this->devices, static fn (CoreDevice $one): bool => $one->standing() === $standing));
    }
}
