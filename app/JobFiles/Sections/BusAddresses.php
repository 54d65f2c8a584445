<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\BusAddress;
use App\Models\BusTelegram;
use App\Models\SiteJob;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bus\GroupAddress;

final readonly class BusAddresses extends Section
{
    /** What is asked for and what is told lie close together */
    private const TO_THE_MS = 'Y-m-d\TH:i:s.v\Z';

    public function key(): string
    {
        return 'busAddresses';
    }

    public function write(SiteJob $job): array
    {
        $rows = BusAddress::query()->where('site_job_id', $job->id)->with('slot')->orderBy('number')->get();

        $heard = BusTelegram::query()->where('site_job_id', $job->id)->with('joinWindow')->get()->keyBy('number');

        return $rows->map(static fn (BusAddress $one): array => [
            'address' => $one->address, 'name' => $one->name, 'point' => $one->point, 'function' => $one->function?->value,
            'slot' => $one->slot?->key, ...self::heard($heard[$one->number] ?? null),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        $kept = [];
        $heard = [];
        foreach ($rows as $row) {
            $address = GroupAddress::of($row['address']);
            $kept[] = [
                'slot_id' => $reading->id('slots', $row['slot'] ?? null), 'address' => $address?->text, 'number' => $address?->number,
                'name' => $row['name'], 'point' => $row['point'], 'function' => $row['function'] ?? null,
            ];
            if (isset($row['heard'])) {
                $heard[] = [
                    'address' => $address?->text, 'number' => $address?->number, 'said_by' => $row['heard']['from'] ?? null,
                    'value' => $row['heard']['value'], 'at' => self::stored($reading->time($row['heard']['at'])),
                    'followed_until' => self::stored($reading->time($row['heard']['until'] ?? null)),
                ];
            }
        }
        self::insert($reading, BusAddress::class, $kept);
        self::insert($reading, BusTelegram::class, $heard);
    }

    /** @return array{heard?: array{value: string, from: string|null, at: string, until: string|null}} what was said there last */
    private static function heard(?BusTelegram $telegram): array
    {
        if ($telegram === null) {
            return [];
        }
        $until = $telegram->said()->followedUntilMs;

        return ['heard' => [
            'value' => $telegram->value, 'from' => $telegram->said_by, 'at' => $telegram->at->utc()->format(self::TO_THE_MS),
            'until' => $until === null ? null : Carbon::createFromTimestampMs($until)->utc()->format(self::TO_THE_MS),
        ]];
    }

    private static function stored(?Carbon $time): ?string
    {
        return $time?->utc()->format('Y-m-d H:i:s.v');
    }
}
