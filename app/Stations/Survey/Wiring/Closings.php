<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Editing\OptimisticLock;
use App\Floorplan\PlanStore;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\Closing;
use App\Models\PointStep;
use App\Models\Question;
use App\Models\Room;
use App\Models\SiteJob;
use App\Models\TradeWork;
use App\Models\User;
use App\Pictures\Picture;
use App\Pictures\Pictures;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Kavvel\Core\Closing\PointStep as Step;

/** Writes down what closes, what was done to points before it, and who worked there in between. */
final readonly class Closings
{
    private const LABELS = [
        'name' => 'What closes', 'trade' => 'Trade', 'closes_on' => 'Day', 'lead_days' => 'Days from ordering',
        'fitting_days' => 'Days of work',
    ];

    public function __construct(
        private OptimisticLock $lock,
        private Logbook $logbook,
        private Pictures $pictures,
        private PlanStore $plans,
    ) {}

    /** @param array<string, mixed> $values */
    public function add(SiteJob $job, array $values, User $person): Closing
    {
        $closing = Closing::query()->create([
            'site_job_id' => $job->id, 'key' => strtolower((string) str()->ulid()), ...$values,
        ]);
        $this->logbook->write($job, $person, 'plan', "{$closing->name} closes on {$closing->closes_on->format('j F')}, {$closing->trade}.");

        return $closing;
    }

    /** @param array<string, mixed> $values */
    public function change(SiteJob $job, Closing $closing, int $seenVersion, array $values, User $person): void
    {
        $this->lock->update($closing, $seenVersion, [
            ...$values, 'rooms' => json_encode($values['rooms'], JSON_THROW_ON_ERROR),
        ], "the closing “{$closing->name}”", self::LABELS);
        $this->logbook->write($job, $person, 'plan', "Changed when {$closing->name} closes: {$closing->closes_on->format('j F')}.");
    }

    /** @throws WiringRefused where a point behind it is not ready */
    public function close(SiteJob $job, Closing $closing, User $person): void
    {
        $state = ClosingsSheet::of(JobSheet::of($job), $this->plans)->state($closing->key);
        $left = count($state?->notReady() ?? []);
        if ($left > 0) {
            throw WiringRefused::isNotReady($closing->name, $left);
        }
        $closing->update(['closed_at' => now()]);
        $this->logbook->write($job, $person, 'plan', "{$closing->name} is closed.");
    }

    /** It was not closed, or is open again. */
    public function reopen(SiteJob $job, Closing $closing, User $person): void
    {
        if ($closing->closed_at !== null) {
            $closing->update(['closed_at' => null]);
            $this->logbook->write($job, $person, 'plan', "{$closing->name} is open after all.");
        }
    }

    /** Nothing closes there. What was done to points stays, and questions keep the day that it gave them. */
    public function remove(SiteJob $job, Closing $closing, User $person): void
    {
        Question::query()->where('closing_id', $closing->id)->increment('lock_version', 1, [
            'closing_id' => null, 'due_on' => $closing->core()->questionsBy()->format('Y-m-d'),
        ]);
        $closing->delete();
        $this->logbook->write($job, $person, 'plan', "{$closing->name}, {$closing->trade}: no closing after all.");
    }

    /** @throws WiringRefused where the point has no cable any more */
    public function stepDone(SiteJob $job, string $point, Step $step, ?string $picture, User $person): void
    {
        $progress = ClosingsSheet::of(JobSheet::of($job), $this->plans)->points[$point] ?? throw WiringRefused::pointIsGone();
        if ($step === Step::Photographed && $picture === null) {
            throw WiringRefused::needsAPicture();
        }
        $path = $picture === null ? null : $this->pictures->read($picture)->keep(Picture::POINTS, $job->id);
        $before = PointStep::query()->where('site_job_id', $job->id)->where('point', $point)->where('step', $step->value)->value('picture');
        PointStep::query()->updateOrCreate(
            ['site_job_id' => $job->id, 'point' => $point, 'step' => $step->value],
            // What was seen before stays as long as nothing newer is brought.
            ['by' => $person->name, 'at' => now(), 'picture' => $path ?? $before],
        );
        if ($path !== null) {
            $this->removeFile($before);
        }
        $this->logbook->write($job, $person, 'plan', "{$progress->label}: ".mb_strtolower($step->words()).'.');
    }

    public function stepUndone(SiteJob $job, string $point, Step $step, User $person): void
    {
        $done = PointStep::query()->where('site_job_id', $job->id)->where('point', $point)->where('step', $step->value)->first();
        if ($done !== null) {
            $done->delete();
            $this->removeFile($done->picture);
            $this->logbook->write($job, $person, 'plan', "{$point}: not ".mb_strtolower($step->words()).' after all.');
        }
    }

    public function worked(SiteJob $job, Room $room, string $trade, User $person): void
    {
        TradeWork::query()->create(['site_job_id' => $job->id, 'room' => $room->key, 'trade' => $trade, 'at' => now()]);
        $this->logbook->write($job, $person, 'plan', Str::ucfirst($trade).' worked in the '.mb_strtolower($room->name).'.');
    }

    /** Nobody worked there after all: checks before it hold again. */
    public function didNotWork(SiteJob $job, TradeWork $work, User $person): void
    {
        $work->delete();
        $room = mb_strtolower((string) $job->rooms()->where('key', $work->room)->value('name'));
        $this->logbook->write($job, $person, 'plan', Str::ucfirst($work->trade)." did not work in the {$room} after all.");
    }

    public function count(SiteJob $job, string $purpose, ?int $count, User $person): void
    {
        $counts = $job->designer_counts ?? [];
        unset($counts[$purpose]);
        $job->update(['designer_counts' => $count === null ? $counts : [...$counts, $purpose => $count]]);
        $this->logbook->write($job, $person, 'plan', $count === null
            ? "The designer’s count of {$purpose} is taken off." : "The designer counts {$count} × {$purpose}.");
    }

    private function removeFile(?string $path): void
    {
        if ($path !== null) {
            DB::afterCommit(static fn (): bool => Storage::disk('local')->delete($path));
        }
    }
}
