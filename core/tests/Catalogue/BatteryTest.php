<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Catalogue;

use Kavvel\Core\Catalogue\Battery;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BatteryTest extends TestCase
{
    private const ENTRY = ['chemistry' => 'lithium', 'sleepMicroAmp' => 3, 'eventsPerDay' => 50, 'microAmpSecondsPerEvent' => 3000];

    #[DataProvider('cells')]
    public function test_a_cell_holds_its_nominal_charge_however_many_lie_in_series(string $type, int $mah): void
    {
        $one = Battery::fromInput(Input::of(['type' => $type, ...self::ENTRY]));
        $two = Battery::fromInput(Input::of(['type' => $type, 'count' => 2, ...self::ENTRY]));

        self::assertSame([1, $mah], [$one->count, $one->nominalMah()]);
        self::assertSame([2, $mah], [$two->count, $two->nominalMah()]);
    }

    /** @return list<array{string, int}> */
    public static function cells(): array
    {
        return [['CR2032', 220], ['CR2450', 600], ['CR2477', 950], ['CR123A', 1500], ['AAA', 1100], ['AA', 2500], ['½AA', 1200]];
    }
}
