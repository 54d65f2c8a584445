<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Daylight;

use Kavvel\Core\Daylight\Ephemeris;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EphemerisTest extends TestCase
{
    /** Computed apart from this code, by the same formulas, over two centuries. */
    #[DataProvider('moments')]
    public function test_declination_and_equation_of_time(string $moment, float $degrees, float $minutes): void
    {
        $sun = Ephemeris::at((float) strtotime($moment));

        self::assertEqualsWithDelta($degrees, rad2deg($sun->declination), 1e-7);
        self::assertEqualsWithDelta($minutes, $sun->equationMinutes, 1e-7);
    }

    /** @return list<array{string, float, float}> */
    public static function moments(): array
    {
        return [
            ['1902-02-11T00:00:00Z', -14.392789653, -14.462808355],
            ['1950-08-03T06:00:00Z', 17.657855301, -6.130284468],
            ['2026-05-09T15:00:00Z', 17.471533709, 3.548556956],
            ['2026-11-25T12:00:00Z', -20.800343731, 13.030916372],
            ['2098-10-30T21:00:00Z', -14.168942317, 16.483064593],
        ];
    }
}
