<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wants;

use App\Floorplan\PlanStore;
use App\JobSheet\Catalogue;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\LeftOut;
use App\Models\SiteJob;
use App\Models\User;
use App\Stations\Survey\SlotEditor;
use App\Stations\Survey\SlotRefused;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Wants\Suggestion;

/** What becomes of the devices that wants ask for: planned, or left out, as long as they still are asked for. */
final readonly class Suggestions
{
    public function __construct(private PlanStore $plans, private SlotEditor $editor, private Logbook $logbook) {}

    /**
     * @return int how many were planned
     *
     * @throws SlotRefused when it is not asked for any more
     */
    public function take(SiteJob $job, string $id, User $person): int
    {
        $sheet = JobSheet::of($job);

        return $this->plan($sheet, [$this->asked($sheet, $id)], $person);
    }

    /**
     * @param  string  $mark  of the list that the person saw
     * @return int how many were planned
     *
     * @throws SlotRefused when others are asked for by now
     */
    public function takeAll(SiteJob $job, string $mark, User $person): int
    {
        $sheet = JobSheet::of($job);
        $wants = WantsSheet::of($sheet, $this->plans);

        return $wants->mark() === $mark
            ? $this->plan($sheet, $wants->report->suggestions, $person)
            : throw SlotRefused::othersAreAskedFor();
    }

    /**
     * The client does without it.
     *
     * @throws SlotRefused when it is not asked for any more
     */
    public function leaveOut(SiteJob $job, string $id, User $person): void
    {
        $one = $this->asked(JobSheet::of($job), $id);
        LeftOut::query()->insertOrIgnore(array_map(static fn (string $demand): array => [
            'company_id' => $job->company_id, 'site_job_id' => $job->id, 'demand' => $demand,
        ], $one->demands));
        $this->logbook->write($job, $person, 'plan', "Left out, the client does without it: {$one->title()}, {$one->room}.");
    }

    /** Everything that was left out is asked about again. */
    public function askAgain(SiteJob $job, User $person): void
    {
        if ($job->leftOut()->where('demand', 'not like', LeftOut::DARK.' %')->delete() > 0) {
            $this->logbook->write($job, $person, 'plan', 'What was left out is asked about again.');
        }
    }

    /** @param list<Suggestion> $taken */
    private function plan(JobSheet $sheet, array $taken, User $person): int
    {
        $this->editor->addAll($sheet->job, array_map(fn (Suggestion $one): array => $this->slot($sheet, $one), $taken), $person);

        return count($taken);
    }

    /** @throws SlotRefused */
    private function asked(JobSheet $sheet, string $id): Suggestion
    {
        foreach (WantsSheet::of($sheet, $this->plans)->report->suggestions as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }
        throw SlotRefused::nobodyAsksForIt();
    }

    /** @return array<string, mixed> columns of the slot */
    private function slot(JobSheet $sheet, Suggestion $suggestion): array
    {
        $geometry = $sheet->geometry;
        $rooms = array_column($geometry->rooms, 'id', 'key');
        $points = array_column($geometry->points, 'id', 'key');
        $profiles = array_map(static fn (Profile $profile): string => $profile->key, Catalogue::of($sheet->job->region));
        $spot = $suggestion->spot;

        return [
            'room_id' => $rooms[$suggestion->room],
            'point_id' => $spot->point === null ? null : $points[$spot->point],
            'profile_id' => array_search($suggestion->profile->key, $profiles, true),
            'place' => $suggestion->place(),
            'what' => $suggestion->what(),
            'x' => $spot->place->x,
            'y' => $spot->place->y,
            'z' => $spot->place->z,
            'mounting' => $suggestion->profile->usualMounting()->value,
            'feed' => null,
            'note' => null,
        ];
    }
}
