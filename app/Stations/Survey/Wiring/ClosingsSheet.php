<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Floorplan\PlanStore;
use App\JobSheet\JobSheet;
use App\Models\Closing;
use App\Models\PointStep;
use App\Models\TradeWork;
use DateTimeImmutable;
use Kavvel\Core\Cabling\HouseCables;
use Kavvel\Core\Closing\Closing as CoreClosing;
use Kavvel\Core\Closing\ClosingPlan;
use Kavvel\Core\Closing\ClosingState;
use Kavvel\Core\Closing\CountDifference;
use Kavvel\Core\Closing\PointProgress;
use Kavvel\Core\Closing\PointStep as Step;
use Kavvel\Core\Floorplan\Plan;

/** What closes when, how far every point with a cable is, and where designer, plan and hands count differently. */
final readonly class ClosingsSheet
{
    /**
     * @param  list<ClosingState>  $states
     * @param  array<string, PointProgress>  $points  by key
     * @param  array<string, array<string, PointStep>>  $steps  by point and step
     * @param  list<CountDifference>  $differences
     * @param  array<string, int>  $planned  points with a cable, by purpose
     * @param  list<TradeWork>  $worked  the last time that another trade worked in each room of the plan
     */
    private function __construct(
        public Plan $plan,
        public array $states,
        public array $points,
        public array $steps,
        public array $differences,
        public array $planned,
        public array $worked,
    ) {}

    public static function of(JobSheet $sheet, PlanStore $plans): self
    {
        $job = $sheet->job;
        $plan = $plans->read($job);
        $steps = [];
        foreach (PointStep::query()->where('site_job_id', $job->id)->orderBy('id')->get() as $one) {
            $steps[$one->point][$one->step->value] = $one;
        }
        $worked = TradeWork::query()->where('site_job_id', $job->id)->orderBy('at')->get()->keyBy('room');
        $points = $planned = $fitted = [];
        foreach (HouseCables::of($plan)->points as $point) {
            $own = $steps[$point->key] ?? [];
            $points[$point->key] = new PointProgress(
                $point->key,
                $point->label,
                $point->room,
                array_map(static fn (PointStep $one) => $one->at->toDateTimeImmutable(), $own),
                $worked->get($point->room)?->at->toDateTimeImmutable(),
            );
            $purpose = mb_strtolower($point->purpose);
            $planned[$purpose] = ($planned[$purpose] ?? 0) + 1;
            $fitted[$purpose] = ($fitted[$purpose] ?? 0) + (int) isset($own[Step::Fitted->value]);
        }
        $closings = array_values(Closing::query()->where('site_job_id', $job->id)->orderBy('id')->get()
            ->map(static fn (Closing $one): CoreClosing => $one->core())->all());

        return new self(
            $plan,
            ClosingPlan::of($closings, array_values($points), new DateTimeImmutable(now()->onSite()->toDateString())),
            $points,
            $steps,
            CountDifference::among($job->designer_counts ?? [], $planned, $fitted),
            $planned,
            array_values($worked->intersectByKeys($plan->rooms)->all()),
        );
    }

    /** The closing that comes next, and is not closed. */
    public function next(): ?ClosingState
    {
        return array_values(array_filter($this->states, static fn (ClosingState $one): bool => ! $one->closing->isClosed))[0] ?? null;
    }

    /** The closing that has to come before the next step at the point. */
    public function holding(PointProgress $point): ?ClosingState
    {
        return array_values(array_filter($this->states, static fn (ClosingState $one): bool => $one->holdsBack($point)))[0] ?? null;
    }

    /** Of how many points behind it a photograph is kept here. */
    public function photographed(ClosingState $state): int
    {
        return count(array_filter(
            $state->points,
            fn (PointProgress $one): bool => ($this->steps[$one->point][Step::Photographed->value] ?? null)?->picture !== null,
        ));
    }

    public function state(string $closing): ?ClosingState
    {
        return array_values(array_filter($this->states, static fn (ClosingState $one): bool => $one->closing->key === $closing))[0] ?? null;
    }
}
