<?php

declare(strict_types=1);

namespace App\Stations\Survey\Measure;

use App\Floorplan\PlanStore;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\OpeningMeasure;
use App\Models\SiteJob;
use DateTimeZone;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Measuring\BlindFit;
use Kavvel\Core\Measuring\Compass;
use Kavvel\Core\Measuring\Fit;
use Kavvel\Core\Measuring\FitReport;
use Kavvel\Core\Measuring\FoundAgain;
use Kavvel\Core\Measuring\LockFit;
use Kavvel\Core\Measuring\OpeningMark;
use Kavvel\Core\Measuring\SocketWay;
use Kavvel\Core\Measuring\SunYear;
use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\RoomSpots;

/** The windows and outer doors of a house: what was measured, what fits, and what the sun does there. */
final readonly class MeasureSheet
{
    /**
     * @param  array<string, MeasuredOpening>  $openings  by room and opening, in the order of the plan
     * @param  list<OpeningMeasure>  $strays  of openings that are not on the plan any more
     * @param  Compass|null  $compass  null: nobody has used one
     */
    private function __construct(
        private Plan $plan,
        public array $openings,
        public array $strays,
        public ?Compass $compass,
        public bool $knowsPlace,
    ) {}

    public static function of(JobSheet $sheet, PlanStore $plans): self
    {
        $job = $sheet->job;
        $plan = $plans->read($job);
        $found = self::found($plan);
        $all = OpeningMeasure::query()->where('site_job_id', $job->id)->orderBy('id')->get()->keyBy('opening')->all();
        $rows = self::byOpeningOfNow($all, $found);
        $compass = self::compass($job, $found, $rows);
        $year = self::year($job);
        $planned = self::planned($sheet, $plan);
        $openings = [];
        foreach ($found as $key => [$spots, $opening]) {
            $row = $rows[$opening->id] ?? null;
            $profile = $planned[$key] ?? null;
            $bearing = $compass?->bearing($opening);
            $openings[$key] = new MeasuredOpening(
                $spots->room->storey,
                $spots->room->key,
                $spots->room->name,
                $spots->called($opening),
                $opening,
                $row,
                $profile,
                $profile === null ? null : self::fit($plan, $spots->room->key, $opening, $row, $profile),
                $bearing,
                $bearing === null || ! $opening->isWindow() ? null : $year?->at($bearing),
            );
        }
        $known = array_map(static fn (MeasuredOpening $one): string => $one->opening->id, $openings);

        return new self($plan, $openings, array_values(array_diff_key($rows, array_flip($known))), $compass, $year !== null);
    }

    /** What does not fit, then what is planned and not measured yet. */
    public function next(): ?MeasuredOpening
    {
        foreach ([Fit::No, Fit::Unmeasured] as $fit) {
            foreach ($this->openings as $one) {
                if ($one->fit() === $fit) {
                    return $one;
                }
            }
        }

        return null;
    }

    /**
     * How all that the catalogue has for it would fit.
     *
     * @param  array<int, Profile>  $catalogue
     * @return list<array{Profile, FitReport}>
     */
    public function offers(MeasuredOpening $one, array $catalogue): array
    {
        $offers = [];
        foreach ($catalogue as $profile) {
            $report = self::fit($this->plan, $one->room, $one->opening, $one->row, $profile);
            if ($report !== null) {
                $offers[] = [$profile, $report];
            }
        }

        return $offers;
    }

    private static function fit(Plan $plan, string $room, RoomOpening $opening, ?OpeningMeasure $row, Profile $profile): ?FitReport
    {
        $row ??= new OpeningMeasure;
        if ($opening->isWindow() && $profile->blindSheet !== null) {
            $window = $row->windowMeasures();
            $socketM = $window->motor === null ? null : SocketWay::of($plan, $room, $opening, $window->motor);

            return BlindFit::of($window, $profile->blindSheet, $socketM);
        }

        return ! $opening->isWindow() && $profile->lockSheet !== null ? LockFit::of($row->doorMeasures(), $profile->lockSheet) : null;
    }

    /**
     * @param  array<string, OpeningMeasure>  $rows  by what each opening was called when it was measured
     * @param  array<string, array{RoomSpots, RoomOpening}>  $found
     * @return array<string, OpeningMeasure> by what it is called now; by what it was called where it is gone
     */
    private static function byOpeningOfNow(array $rows, array $found): array
    {
        $marks = array_map(
            static fn (array $one): OpeningMark => new OpeningMark($one[1]->id, $one[0]->room->storey, ...$one[1]->before()),
            array_values($found),
        );
        $measured = array_values(array_filter(array_map(static fn (OpeningMeasure $one): ?OpeningMark => $one->mark(), $rows)));
        $again = FoundAgain::of($measured, $marks);
        $byNow = [];
        foreach ($rows as $opening => $row) {
            $byNow[$again[$opening] ?? $opening] = $row;
        }

        return $byNow;
    }

    /** @return array<string, array{RoomSpots, RoomOpening}> by room and opening */
    private static function found(Plan $plan): array
    {
        $found = [];
        foreach ($plan->rooms as $room) {
            if (! $room->kind->hasWalls()) {
                continue;
            }
            $spots = RoomSpots::of($plan, $room->key);
            $windows = array_filter($spots->windows(), static fn (RoomOpening $one): bool => $one->leadsOut());
            foreach ([...$spots->outerDoors(), ...$windows] as $opening) {
                $found["{$room->key} {$opening->id}"] = [$spots, $opening];
            }
        }

        return $found;
    }

    /**
     * What was typed for the plan; else what the readings at windows come to.
     *
     * @param  array<string, array{RoomSpots, RoomOpening}>  $found
     * @param  array<string, OpeningMeasure>  $rows  by opening
     */
    private static function compass(SiteJob $job, array $found, array $rows): ?Compass
    {
        if ($job->up_bearing !== null) {
            return new Compass($job->up_bearing);
        }
        $readings = [];
        foreach ($found as [, $opening]) {
            $bearing = ($rows[$opening->id] ?? null)?->windowMeasures()->bearing;
            $readings[] = $bearing === null ? null : [$opening, $bearing];
        }

        return Compass::fromReadings(array_values(array_filter($readings)));
    }

    private static function year(SiteJob $job): ?SunYear
    {
        return $job->latitude === null || $job->longitude === null ? null : SunYear::of(
            $job->latitude,
            $job->longitude,
            (int) now()->onSite()->format('Y'),
            new DateTimeZone((string) config('kavvel.time_zone')),
        );
    }

    /** @return array<string, Profile> by room and opening */
    private static function planned(JobSheet $sheet, Plan $plan): array
    {
        $planned = [];
        foreach ($sheet->cards as $card) {
            if ($card->profile->lockSheet === null && $card->profile->blindSheet === null) {
                continue;
            }
            $room = $sheet->geometry->rooms[$card->roomId]['key'];
            $opening = self::openingOf($plan, $room, $card);
            if ($opening !== null) {
                $planned["{$room} {$opening->id}"] = $card->profile;
            }
        }

        return $planned;
    }

    private static function openingOf(Plan $plan, string $room, SlotCard $card): ?RoomOpening
    {
        return isset($plan->rooms[$room])
            ? RoomSpots::of($plan, $room)->openingAt([$card->position()->x, $card->position()->y])
            : null;
    }
}
