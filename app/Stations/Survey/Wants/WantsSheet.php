<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wants;

use App\Floorplan\PlanStore;
use App\JobSheet\Catalogue;
use App\JobSheet\Hub;
use App\JobSheet\JobSheet;
use App\JobSheet\NotedWants;
use App\JobSheet\SlotCard;
use App\Models\LeftOut;
use App\Radio\JobReach;
use Illuminate\Support\Facades\Cache;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Wants\PlannedDevice;
use Kavvel\Core\Wants\PlugLoad;
use Kavvel\Core\Wants\Suggestion;
use Kavvel\Core\Wants\Want;
use Kavvel\Core\Wants\WantsCheck;
use Kavvel\Core\Wants\WantsReport;

/** What is wanted in a job, held against its plan and the catalogue; worked out once for whatever it follows from. */
final readonly class WantsSheet
{
    private const KEPT_SECONDS = 3600;

    /**
     * @param  list<Want>  $wants  of rooms that are on the plan
     * @param  list<string>  $leftOut  demands that the client does without
     */
    private function __construct(
        private JobSheet $sheet,
        public array $wants,
        public array $leftOut,
        public WantsReport $report,
    ) {}

    public static function of(JobSheet $sheet, PlanStore $plans): self
    {
        $job = $sheet->job;
        $wants = NotedWants::of($sheet);
        if ($wants === []) {
            return new self($sheet, [], [], new WantsReport);
        }
        /** @var list<string> $leftOut */
        $leftOut = array_values($job->leftOut()->where('demand', 'not like', LeftOut::DARK.' %')->orderBy('demand')
            ->pluck('demand')->all());
        $catalogue = array_values(array_filter(
            Catalogue::of($job->region),
            static fn (Profile $profile): bool => $profile->suits($job->region),
        ));
        $devices = array_values(array_map(static fn (SlotCard $card): PlannedDevice => new PlannedDevice(
            $card->key(),
            $sheet->geometry->rooms[$card->roomId]['key'],
            $card->profile,
            $card->position(),
        ), $sheet->cards));
        $state = hash('xxh128', serialize([
            $job->plan_version, $job->acceptance_db, $sheet->clutter(), $wants, $leftOut, $catalogue, $devices,
            array_map(static fn (Hub $hub): array => [$hub->place(), $hub->speaks], $sheet->hubs),
        ]));
        $check = static fn (): WantsReport => (new WantsCheck($plans->read($job), $catalogue, $devices, JobReach::of($sheet)))
            ->of($wants, $leftOut);

        return new self($sheet, $wants, $leftOut, Cache::remember("wants.{$job->id}.{$state}", self::KEPT_SECONDS, $check));
    }

    /** Short, and another one for every list of suggestions. */
    public function mark(): string
    {
        return hash('xxh128', serialize(array_map(static fn (Suggestion $one): string => $one->id, $this->report->suggestions)));
    }

    /** @return list<SlotCard> plugs of which nobody has said what they feed */
    public function unknownLoads(): array
    {
        return array_values(array_filter($this->sheet->cards, static fn (SlotCard $card): bool => PlugLoad::isAskedOf($card->profile)
            && $card->slot->plugLoad() === null));
    }
}
