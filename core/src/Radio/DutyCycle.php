<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Protocol\Region;

/** The share of time that a device may be on air in a sub-band below 1 GHz. Only the EU sets one. */
final readonly class DutyCycle
{
    /** MHz from, MHz to, share of any hour (ETSI EN 300 220-2, annex B, without listening before talking) */
    private const EU = [
        [433.05, 434.79, 0.1],
        [863.0, 865.0, 0.001],
        [865.0, 868.6, 0.01],
        [868.7, 869.2, 0.001],
        [869.4, 869.65, 0.1],
        [869.7, 870.0, 0.01],
    ];

    /** A secured frame of some 60 bytes at 40 kb/s, with two repeats (assumption) */
    private const SECONDS_A_VALUE = 0.05;

    private function __construct(public float $limit) {}

    /** Null where nothing limits it. */
    public static function at(float $frequencyMHz, Region $region): ?self
    {
        foreach ($region === Region::Eu ? self::EU : [] as [$from, $to, $limit]) {
            if ($frequencyMHz >= $from && $frequencyMHz <= $to) {
                return new self($limit);
            }
        }

        return null;
    }

    /** Share of the time that the reports alone are on air. */
    public function share(Reporting $reporting): float
    {
        return $reporting->values * self::SECONDS_A_VALUE / $reporting->everySeconds;
    }

    public function allows(Reporting $reporting): bool
    {
        return $this->share($reporting) <= $this->limit;
    }

    /** The shortest interval that keeps to the limit, in whole seconds. */
    public function shortestSeconds(Reporting $reporting): int
    {
        return (int) ceil(round($reporting->values * self::SECONDS_A_VALUE / $this->limit, 6));
    }
}
