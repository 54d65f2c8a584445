<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Logbook\Logbook;
use App\Models\Room;
use App\Models\SiteJob;
use App\Models\Storey;
use App\Models\User;
use App\Radio\Forecasts;
use Kavvel\Core\Naming\Text;
use Kavvel\Core\Survey\MeasuredRoom;

/** Adds rooms as they are measured; each is a new version of the plan. */
final readonly class RoomEditor
{
    private const CODE_LETTERS = 3;

    public function __construct(private Forecasts $forecasts, private Logbook $logbook) {}

    public function add(SiteJob $job, Storey $storey, MeasuredRoom $measured, User $person): Room
    {
        $rooms = $job->rooms()->get();
        /** @var list<array{float, float}> $corners */
        $corners = $rooms->where('storey_id', $storey->id)->flatMap(static fn (Room $room): array => $room->outline)->values()->all();
        $slug = str_replace('_', '-', Text::slug($measured->name)) ?: 'room';
        $key = $slug;
        for ($n = 2; $rooms->contains('key', $key); $n++) {
            $key = "{$slug}-{$n}";
        }
        $room = Room::query()->create([
            'site_job_id' => $job->id,
            'storey_id' => $storey->id,
            'key' => $key,
            'name' => $measured->name,
            'code' => strtoupper(substr(str_replace('-', '', $slug), 0, self::CODE_LETTERS)),
            'outline' => $measured->beside($corners),
        ]);
        $size = "{$measured->width} × {$measured->depth} m";
        $this->logbook->write($job, $person, 'plan', 'Measured the '.mb_strtolower($measured->name).": {$size}.");
        $this->forecasts->planChanged($job);

        return $room->setRelation('storey', $storey);
    }
}
