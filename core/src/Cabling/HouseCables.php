<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Thing;
use Kavvel\Core\Site\Vec3;

/** All cables that a plan asks for: where they end, which way they go, how long they are, what they are cut from. */
final readonly class HouseCables
{
    /** Drums that are to be had, in metres */
    private const DRUMS_M = [100.0, 305.0];

    /**
     * @param  list<WiredPoint>  $points  in the order of their labels
     * @param  Thing|null  $rackAt  null: nobody has said where the rack stands
     * @param  array<string, bool>  $drawn  by key of the point: a duct is on its way
     * @param  CableSchedule|null  $schedule  null without a rack, or where a run is longer than any drum
     * @param  string|null  $tooLong  what stands in the way of a schedule
     */
    private function __construct(
        public array $points,
        public ?Thing $rackAt,
        public array $drawn,
        public ?CableSchedule $schedule,
        public ?string $tooLong,
        public Rack $rack,
    ) {}

    public static function of(Plan $plan): self
    {
        $labels = PointLabels::of($plan);
        $rackAt = null;
        $points = [];
        foreach ($plan->things as $thing) {
            if ($thing->section !== 'points') {
                continue;
            }
            $isRack = mb_strtolower((string) ($thing->facts['purpose'] ?? '')) === PointPurpose::Rack->value;
            $rackAt ??= $isRack ? $thing : null;
            $points[] = $isRack ? null : WiredPoint::of($thing, $labels[$thing->key]);
        }
        $points = array_values(array_filter($points));
        usort($points, static fn (WiredPoint $a, WiredPoint $b): int => strnatcmp($a->label, $b->label));
        $rack = Rack::of($points);
        if ($rackAt === null) {
            return new self($points, null, [], null, null, $rack);
        }
        $from = new Vec3(...$rackAt->position);
        $storey = $plan->room($rackAt->home)->storey;
        $ways = DrawnWays::of($plan);
        $ends = $drawn = [];
        foreach ($points as $point) {
            $route = $ways->route($from, $storey, $point->place, $plan->room($point->room)->storey);
            $drawn[$point->key] = $route !== null;
            $ends[] = new CablePoint($point->label, $point->place, $point->cable->value, $point->count, $route, $point->cable->isData());
        }
        try {
            return new self($points, $rackAt, $drawn, CableSchedule::of($from, $ends, self::DRUMS_M), null, $rack);
        } catch (RunTooLong $long) {
            return new self($points, $rackAt, $drawn, null, $long->getMessage(), $rack);
        }
    }

    /** Metres of one of its cables; null without a schedule. */
    public function lengthM(WiredPoint $point): ?float
    {
        foreach ($this->schedule->runs ?? [] as $run) {
            if ($run->id === $point->label || $run->id === "{$point->label}/1") {
                return $run->lengthM();
            }
        }

        return null;
    }
}
