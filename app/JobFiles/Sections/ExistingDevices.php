<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\ExistingDevice;
use App\Models\SiteJob;

final readonly class ExistingDevices extends Section
{
    public function key(): string
    {
        return 'existing';
    }

    public function write(SiteJob $job): array
    {
        $rooms = $job->rooms()->pluck('key')->all();

        return $job->existingDevices()->whereIn('room', $rooms)->with(['slot', 'profile'])->orderBy('id')->get()
            ->map(static fn (ExistingDevice $one): array => [
                'key' => $one->key, 'room' => $one->room, 'what' => $one->what, 'protocol' => $one->protocol->value,
                'profile' => $one->profile?->key, 'holder' => $one->holder->value, 'holderName' => $one->holder_name,
                'fate' => $one->fate->value, 'note' => $one->note, 'slot' => $one->slot?->key, 'leftAt' => self::time($one->left_at),
            ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            ExistingDevice::query()->create([
                'site_job_id' => $reading->job->id, 'key' => $row['key'], 'room' => $row['room'], 'what' => $row['what'],
                'protocol' => $row['protocol'], 'profile_id' => $reading->id('profiles', $row['profile'] ?? null),
                'holder' => $row['holder'], 'holder_name' => $row['holderName'] ?? '', 'fate' => $row['fate'], 'note' => $row['note'] ?? '',
                'slot_id' => $reading->id('slots', $row['slot'] ?? null), 'left_at' => $reading->time($row['leftAt'] ?? null),
            ]);
        }
    }
}
