<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use Kavvel\Core\Calibrating\Calibration;
use Kavvel\Core\Calibrating\HeardPath;
use Kavvel\Core\Calibrating\HiddenObstacle;
use Kavvel\Core\Calibrating\UnheardPair;
use Kavvel\Core\Calibrating\WallSuspect;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Radio\Clutter;

/** The plan against what was measured: the last reading of every radio that is not older than its devices. */
final readonly class HouseCalibration
{
    /**
     * @param  list<MeasuredPath>  $paths  the worst against the forecast first
     * @param  array<string, HiddenObstacle>  $obstacles  by id of the path, the worst first
     * @param  list<PlannedPair>  $unheard  that ought to hear each other, radio by radio, the strongest by forecast first
     * @param  list<WallSuspect>  $suspects  what the hidden things may sit in
     */
    private function __construct(
        public Calibration $fit,
        public Clutter $now,
        public array $paths,
        public array $obstacles,
        public array $unheard,
        public array $suspects,
    ) {}

    public static function of(JobSheet $sheet): self
    {
        $readings = ReadOnPlan::all($sheet, new RadioPlan($sheet->geometry->building(), new Clutter(0.0, 0.0)));
        $paths = array_merge(...array_map(static fn (ReadOnPlan $one): array => $one->paths, $readings));
        $now = $sheet->clutter();
        usort($paths, static fn (MeasuredPath $a, MeasuredPath $b): int => $a->offDb($now) <=> $b->offDb($now)
            ?: strcmp($a->pair->id(), $b->pair->id()));
        $fit = Calibration::of(array_map(static fn (MeasuredPath $one): HeardPath => $one->heard, $paths), $now);
        $obstacles = [];
        foreach ($fit->obstacles as $obstacle) {
            $obstacles[$obstacle->path->id] = $obstacle;
        }
        $unheard = $fit->isUsed ? self::beyondDoubt($readings, $fit) : [];
        $isBad = static fn (MeasuredPath $one): bool => isset($obstacles[$one->pair->id()]);
        $through = static fn (MeasuredPath $one): array => $one->pair->through;

        return new self($fit, $now, $paths, $obstacles, $unheard, WallSuspect::ranked(
            [
                ...array_map($through, array_values(array_filter($paths, $isBad))),
                ...array_map(static fn (PlannedPair $one): array => $one->through, $unheard),
            ],
            array_map($through, array_values(array_filter($paths, static fn (MeasuredPath $one): bool => ! $isBad($one)))),
        ));
    }

    /** @return list<array{MeasuredPath, HiddenObstacle}> the worst first */
    public function hidden(): array
    {
        $hidden = [];
        foreach ($this->paths as $path) {
            $obstacle = $this->obstacles[$path->pair->id()] ?? null;
            if ($obstacle !== null) {
                $hidden[] = [$path, $obstacle];
            }
        }

        return $hidden;
    }

    /** @return list<WallSuspect> through which most links are bad */
    public function likely(): array
    {
        return array_values(array_filter($this->suspects, static fn (WallSuspect $one): bool => $one->isLikely()));
    }

    /** Another clutter than the one that forecasts go by now. */
    public function isNews(): bool
    {
        return $this->fit->isUsed && (round($this->fit->clutter->constantDb, 2) !== round($this->now->constantDb, 2)
            || round($this->fit->clutter->dbPerMetre, 2) !== round($this->now->dbPerMetre, 2));
    }

    /**
     * Each radio by itself: who is alone on the one has neighbours on another.
     *
     * @param  list<ReadOnPlan>  $readings
     * @return list<PlannedPair>
     */
    private static function beyondDoubt(array $readings, Calibration $fit): array
    {
        $found = [];
        foreach ($readings as $reading) {
            $byId = [];
            $pairs = [];
            foreach ($reading->unheard as $pair) {
                $byId[$pair->id()] = $pair;
                $margin = $pair->bare->worseDb() - $fit->clutter->lossDb($pair->distanceM);
                $pairs[] = new UnheardPair($pair->id(), $pair->a->key, $pair->b->key, $margin, $pair->isBetweenRelays());
            }
            foreach (UnheardPair::beyondDoubt($pairs, $reading->alone, (float) $fit->rmseDb) as $pair) {
                $found[] = $byId[$pair->id];
            }
        }

        return $found;
    }
}
