<?php

declare(strict_types=1);

namespace Kavvel\Core\Calibrating;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Radio\Clutter;

/** The clutter of a house as its measured links tell it, and the links that something hidden stands in. */
final readonly class Calibration
{
    private const FEWEST_LINKS = 6;

    private const FEWEST_KEPT = 5;

    /** An obstacle is worse than the fit of the others by more than this, in dB (assumption) */
    public const OBSTACLE_DB = 8.0;

    /** And by more than so many times what that fit leaves over (assumption) */
    public const OBSTACLE_RMSE = 2.5;

    private const OBSTACLES_AT_MOST = 0.25;

    private const NOISE_DB = 1e-9;

    /** Fits of all but one link: seconds */
    private const MOST_FITS = 250_000;

    /**
     * @param  bool  $isUsed  false: too few links, the clutter is the one that was given
     * @param  int  $links  that were given
     * @param  float|null  $rmseBeforeDb  of all links with the clutter that was given
     * @param  float|null  $rmseDb  of the links kept
     * @param  list<HiddenObstacle>  $obstacles  in the order in which they were taken out
     */
    private function __construct(
        public bool $isUsed,
        public int $links,
        public Clutter $clutter,
        public ?float $rmseBeforeDb,
        public ?float $rmseDb,
        public array $obstacles,
    ) {}

    /**
     * @param  list<HeardPath>  $paths  with ids that stand once
     *
     * @throws InvalidInput where so many links are obstacles that the fit would take minutes
     */
    public static function of(array $paths, Clutter $given): self
    {
        $before = $paths === [] ? null : sqrt(Sums::of($paths)->leftOver($given->constantDb, $given->dbPerMetre) / count($paths));
        if (count($paths) < self::FEWEST_LINKS) {
            return new self(false, count($paths), $given, $before, null, []);
        }
        // Of equally bad ones the first in this order is taken out.
        $kept = $paths;
        usort($kept, static fn (HeardPath $a, HeardPath $b): int => strcmp($a->id, $b->id));
        $most = min((int) floor(count($paths) * self::OBSTACLES_AT_MOST), count($paths) - self::FEWEST_KEPT);
        $obstacles = [];
        $fits = 0;
        while (count($obstacles) < $most) {
            $fits += count($kept);
            if ($fits > self::MOST_FITS) {
                throw InvalidInput::tooLarge('$.links', 'fewer: too many of them are far worse than the others');
            }
            $worst = self::worst($kept, $given);
            if ($worst === null) {
                break;
            }
            [$at, $obstacles[]] = $worst;
            unset($kept[$at]);
            $kept = array_values($kept);
        }
        $fit = ClutterFit::among($kept, $given);

        return new self(true, count($paths), $fit->clutter, $before, $fit->rmseDb, $obstacles);
    }

    /**
     * Each link is judged by the fit of all the others: one that is far off would else pull the fit towards itself.
     *
     * @param  list<HeardPath>  $kept  in order of id
     * @return array{int, HiddenObstacle}|null its place in the list
     */
    private static function worst(array $kept, Clutter $given): ?array
    {
        $sums = Sums::of($kept);
        $lengths = array_map(static fn (HeardPath $path): float => $path->distanceM, $kept);
        sort($lengths);
        $last = count($lengths) - 1;
        $worst = null;
        foreach ($kept as $at => $path) {
            $shortest = $path->distanceM === $lengths[0] ? $lengths[1] : $lengths[0];
            $longest = $path->distanceM === $lengths[$last] ? $lengths[$last - 1] : $lengths[$last];
            $fit = ClutterFit::of($sums->without($path), $shortest, $longest, $given);
            $worseDb = $path->lossDb - $fit->clutter->lossDb($path->distanceM);
            $isObstacle = $worseDb > self::OBSTACLE_DB + self::NOISE_DB && $worseDb > self::OBSTACLE_RMSE * $fit->rmseDb + self::NOISE_DB;
            if ($isObstacle && $worseDb > ($worst[1]->worseDb ?? 0.0) + self::NOISE_DB) {
                $worst = [$at, new HiddenObstacle($path, $worseDb)];
            }
        }

        return $worst;
    }
}
