<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\BusAddress;
use App\Models\SiteJob;
use Kavvel\Core\Bus\GroupAddress;

final readonly class BusAddresses extends Section
{
    public function key(): string
    {
        return 'busAddresses';
    }

    public function write(SiteJob $job): array
    {
        $rows = BusAddress::query()->where('site_job_id', $job->id)->with('slot')->orderBy('number')->get();

        return $rows->map(static fn (BusAddress $one): array => [
            'address' => $one->address, 'name' => $one->name, 'point' => $one->point, 'function' => $one->function?->value,
            'slot' => $one->slot?->key,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        $kept = [];
        foreach ($rows as $row) {
            $address = GroupAddress::of($row['address']);
            $kept[] = [
                'slot_id' => $reading->id('slots', $row['slot'] ?? null), 'address' => $address?->text, 'number' => $address?->number,
                'name' => $row['name'], 'point' => $row['point'], 'function' => $row['function'] ?? null,
            ];
        }
        self::insert($reading, BusAddress::class, $kept);
    }
}
