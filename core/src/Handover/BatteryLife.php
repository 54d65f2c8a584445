<?php

declare(strict_types=1);

namespace Kavvel\Core\Handover;

use Kavvel\Core\Catalogue\Battery;
use Kavvel\Core\Catalogue\Chemistry;

/** How long a battery lasts, in years, with its likely range (assumption: 85 % of the nominal charge is usable). */
final readonly class BatteryLife
{
    private const USABLE = 0.85;

    private const HOURS_A_YEAR = 8760;

    private const MILLISECONDS_A_DAY = 86_400_000;

    private const MORE_EVENTS = 1.3;

    private const FEWER_EVENTS = 0.7;

    private function __construct(public float $years, public float $low, public float $high, private float $mostYears) {}

    public static function forecast(Battery $battery): self
    {
        return self::of(
            $battery->nominalMah(),
            $battery->chemistry,
            $battery->sleepMicroAmp,
            $battery->eventsPerDay,
            $battery->microAmpSecondsPerEvent,
        );
    }

    /** Capacity in mAh, sleep current in µA, events a day, charge of one event in µA·s. */
    public static function of(
        float $capacityMah,
        Chemistry $chemistry,
        float $sleepMicroAmp,
        float $eventsPerDay,
        float $microAmpSecondsPerEvent,
    ): self {
        $years = static function (float $events) use ($capacityMah, $chemistry, $sleepMicroAmp, $microAmpSecondsPerEvent): float {
            $milliAmp = $sleepMicroAmp / 1000 + $events * $microAmpSecondsPerEvent / self::MILLISECONDS_A_DAY;
            $lost = $chemistry->selfDischargePerYear() * $capacityMah;

            return min($chemistry->mostYears(), self::USABLE * $capacityMah / ($milliAmp * self::HOURS_A_YEAR + $lost));
        };

        return new self(
            $years($eventsPerDay),
            $years($eventsPerDay * self::MORE_EVENTS),
            $years($eventsPerDay * self::FEWER_EVENTS),
            $chemistry->mostYears(),
        );
    }

    /** In years: the likely value and its range. No forecast goes beyond what cells of this chemistry last on a shelf. */
    public function words(): string
    {
        $cap = number_format($this->mostYears, 0);

        return match (true) {
            $this->low >= $this->mostYears => "{$cap} or more",
            $this->years >= $this->mostYears => sprintf('%s or more (at least %.1f)', $cap, $this->low),
            $this->high >= $this->mostYears => sprintf('%.1f (%.1f to %s or more)', $this->years, $this->low, $cap),
            default => sprintf('%.1f (%.1f to %.1f)', $this->years, $this->low, $this->high),
        };
    }
}
