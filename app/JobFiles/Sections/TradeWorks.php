<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\SiteJob;
use App\Models\TradeWork;

final readonly class TradeWorks extends Section
{
    public function key(): string
    {
        return 'tradeWorks';
    }

    public function write(SiteJob $job): array
    {
        return $job->tradeWorks()->whereIn('room', $job->rooms()->pluck('key')->all())->orderBy('id')->get()
            ->map(static fn (TradeWork $one): array => ['room' => $one->room, 'trade' => $one->trade, 'at' => self::time($one->at)])
            ->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, TradeWork::class, array_map(static fn (array $row): array => [
            'room' => $row['room'], 'trade' => $row['trade'], 'at' => $reading->time($row['at']),
        ], $rows));
    }
}
