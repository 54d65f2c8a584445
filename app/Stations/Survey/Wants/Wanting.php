<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wants;

use App\Logbook\Logbook;
use App\Models\Room;
use App\Models\SiteJob;
use App\Models\User;
use App\Models\Want as NotedWant;
use Kavvel\Core\Wants\WantedBy;
use Kavvel\Core\Wants\WantedFrom;
use Kavvel\Core\Wants\WantedFunction;

/** Notes what is wanted, and takes it off again. Whoever notes what is noted already changes nothing. */
final readonly class Wanting
{
    public function __construct(private Logbook $logbook) {}

    public function note(SiteJob $job, Room $room, WantedFunction $function, WantedBy $by, WantedFrom $from, User $person): void
    {
        $noted = NotedWant::query()->insertOrIgnore([
            'company_id' => $job->company_id, 'site_job_id' => $job->id, ...self::columns($room, $function, $by, $from),
        ]);
        if ($noted > 0) {
            $this->logbook->write($job, $person, 'plan', self::words('Wanted', $room, $function, $by, $from));
        }
    }

    public function drop(SiteJob $job, Room $room, WantedFunction $function, WantedBy $by, WantedFrom $from, User $person): void
    {
        if ($job->wants()->where(self::columns($room, $function, $by, $from))->delete() > 0) {
            $this->logbook->write($job, $person, 'plan', self::words('No longer wanted', $room, $function, $by, $from));
        }
    }

    /** @return array{room_id: int, function: string, wanted_by: string, wanted_from: string} */
    private static function columns(Room $room, WantedFunction $function, WantedBy $by, WantedFrom $from): array
    {
        return ['room_id' => $room->id, 'function' => $function->value, 'wanted_by' => $by->value, 'wanted_from' => $from->value];
    }

    private static function words(string $begin, Room $room, WantedFunction $function, WantedBy $by, WantedFrom $from): string
    {
        return sprintf(
            '%s in the %s: %s, from: %s, by: %s.',
            $begin,
            mb_strtolower($room->name),
            $function->words(),
            mb_strtolower($from->words()),
            mb_strtolower($by->words()),
        );
    }
}
