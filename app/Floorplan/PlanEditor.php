<?php

declare(strict_types=1);

namespace App\Floorplan;

use App\Logbook\Logbook;
use App\Models\PlanEdit;
use App\Models\SiteJob;
use App\Models\User;
use Closure;
use Illuminate\Support\Str;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanPatch;
use Kavvel\Core\Floorplan\PlanRefused;

/**
 * Changes the plan of a job, one edit after the other; each is a new version of it, and can be taken back and done again by
 * whoever works on the job, the last first.
 */
final readonly class PlanEditor
{
    /** Who draws goes on drawing: forecasts are worked out once the hand rests */
    private const FORECASTS_AFTER_SECONDS = 2;

    public function __construct(private PlanStore $store, private Logbook $logbook) {}

    /**
     * @param  Closure(Plan): Edit  $ask
     * @param  Subject|null  $subject  what the person changes, as they saw it
     *
     * @throws PlanEditRefused
     */
    public function apply(SiteJob $job, Closure $ask, ?Subject $subject, User $person): Edit
    {
        $before = $this->store->readHeld($job);
        try {
            $subject?->check($before);
            $edit = $ask($before);
            $after = $edit->apply($before);
            $words = $edit->words($before);
        } catch (PlanRefused $refused) {
            throw PlanEditRefused::because($refused);
        }
        $patch = PlanPatch::between($before, $after);
        if (! $patch->isEmpty()) {
            $this->store->write($job, $patch);
            $this->remember($job, $patch, $words, $person);
            $this->changed($job, $words, $person);
            $this->store->keep($job, $after);
        }

        return $edit;
    }

    /**
     * Something that changes the plan in a way of its own, such as a new device: it can be taken back like the rest.
     *
     * @template T
     *
     * @param  Closure(): T  $change
     * @return T
     */
    public function around(SiteJob $job, string $words, Closure $change, User $person): mixed
    {
        $before = $this->store->read($job);
        $result = $change();
        $patch = PlanPatch::between($before, $this->store->read($job));
        if (! $patch->isEmpty()) {
            $this->remember($job, $patch, $words, $person);
        }

        return $result;
    }

    /** @throws PlanEditRefused where another edit has come on top of it */
    public function undo(SiteJob $job, int $editId, User $person): void
    {
        $this->replay($job, PlanHistory::of($job)->last, $editId, isUndone: true, person: $person);
    }

    /** @throws PlanEditRefused */
    public function redo(SiteJob $job, int $editId, User $person): void
    {
        $this->replay($job, PlanHistory::of($job)->next, $editId, isUndone: false, person: $person);
    }

    private function replay(SiteJob $job, ?PlanEdit $edit, int $askedFor, bool $isUndone, User $person): void
    {
        if ($edit === null) {
            throw PlanEditRefused::nothingToTakeBack();
        }
        if ($edit->id !== $askedFor) {
            throw PlanEditRefused::otherIsNext($edit);
        }
        $patch = new PlanPatch(array_values($edit->changes));
        $patch = $isUndone ? $patch->inverse() : $patch;
        try {
            $patch->applyTo($this->store->readHeld($job));
        } catch (PlanRefused) {
            throw PlanEditRefused::cantBeTakenBack($edit);
        }
        $this->store->write($job, $patch);
        $edit->update(['is_undone' => $isUndone]);
        $this->changed($job, ($isUndone ? 'took back: ' : 'did again: ').$edit->words, $person);
    }

    private function remember(SiteJob $job, PlanPatch $patch, string $words, User $person): void
    {
        $job->planEdits()->where('is_undone', true)->delete();
        PlanEdit::query()->create([
            'site_job_id' => $job->id, 'by' => $person->name, 'words' => mb_strimwidth($words, 0, 255, '…'),
            'changes' => $patch->changes, 'made_at' => now(),
        ]);
    }

    private function changed(SiteJob $job, string $words, User $person): void
    {
        $this->logbook->write($job, $person, 'plan', Str::ucfirst($words).'.');
        $job->touchPlan();
        RefreshForecasts::dispatch($job->company_id, $job->id)->delay(self::FORECASTS_AFTER_SECONDS);
    }
}
