<?php

declare(strict_types=1);

namespace Kavvel\Core\Handover;

/** How long a battery lasts, in years, with its likely range (assumption: 85 % of the nominal charge is usable). */
final readonly class BatteryLife
{
    private const USABLE = 0.85;

    private const HOURS_A_YEAR = 8760;

    private const MILLISECONDS_A_DAY = 86_400_000;

    private const MORE_EVENTS = 1.3;

    private const FEWER_EVENTS = 0.7;

    /** Nominal mAh by type (assumption) */
    public const NOMINAL_MAH = [
        'CR2032' => 220, 'CR2450' => 600, 'CR2477' => 950, 'CR123A' => 1500, 'AAA' => 1100, 'AA' => 2500, '½AA' => 1200,
    ];

    private function __construct(public float $years, public float $low, public float $high) {}

    /** Capacity in mAh, sleep current in µA, events a day, charge of one event in µA·s. */
    public static function of(float $capacityMah, Chemistry $chemistry, float $sleepMicroAmp, float $eventsPerDay, float $microAmpSecondsPerEvent): self
    {
        $years = static function (float $events) use ($capacityMah, $chemistry, $sleepMicroAmp, $microAmpSecondsPerEvent): float {
            $milliAmp = $sleepMicroAmp / 1000 + $events * $microAmpSecondsPerEvent / self::MILLISECONDS_A_DAY;
            $lost = $chemistry->selfDischargePerYear() * $capacityMah;

            return min($chemistry->mostYears(), self::USABLE * $capacityMah / ($milliAmp * self::HOURS_A_YEAR + $lost));
        };

        return new self($years($eventsPerDay), $years($eventsPerDay * self::MORE_EVENTS), $years($eventsPerDay * self::FEWER_EVENTS));
    }
}
