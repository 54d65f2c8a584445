<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Measuring;

use Kavvel\Core\Catalogue\LockSheet;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Measuring\DoorMeasures;
use Kavvel\Core\Measuring\Fit;
use Kavvel\Core\Measuring\FitFinding;
use Kavvel\Core\Measuring\FitReport;
use Kavvel\Core\Measuring\Hand;
use Kavvel\Core\Measuring\LockFit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LockFitTest extends TestCase
{
    private const GOOD = [
        'thicknessMm' => 44.0, 'backsetMm' => 60.0, 'freeMm' => 62.0, 'cylinderMm' => 3.0, 'hinges' => Hand::Left, 'keyInside' => false,
    ];

    public function test_what_is_all_within_the_sheet_fits(): void
    {
        $report = self::fit([]);

        self::assertSame(Fit::Fits, $report->verdict());
        self::assertCount(6, $report->all(Fit::Fits));
        self::assertStringContainsString('opens without key, power and network', $report->cautions[0]);
        self::assertCount(1, $report->cautions);
    }

    /** @return iterable<string, array{string, mixed, Fit, string}> */
    public static function measures(): iterable
    {
        yield 'too thick' => ['thicknessMm', 70.5, Fit::No, 'Thickness of the door 70.5 mm, it takes 38 to 70 mm'];
        yield 'at its most' => ['thicknessMm', 70.0, Fit::Fits, 'Thickness of the door 70 mm, it takes 38 to 70 mm'];
        yield 'too thin' => ['thicknessMm', 37.0, Fit::No, 'Thickness of the door 37 mm, it takes 38 to 70 mm'];
        yield 'at its least' => ['thicknessMm', 38.0, Fit::Fits, 'Thickness of the door 38 mm, it takes 38 to 70 mm'];
        yield 'backset' => ['backsetMm', 35.0, Fit::No, 'Backset 35 mm, it takes 45 to 80 mm'];
        yield 'not measured' => ['backsetMm', null, Fit::Unmeasured, 'Backset not measured, it takes 45 to 80 mm'];
        yield 'no room' => ['freeMm', 59.0, Fit::No, 'Free before the door 59 mm, it needs 60 mm'];
        yield 'just room' => ['freeMm', 60.0, Fit::Fits, 'Free before the door 60 mm, it needs 60 mm'];
        yield 'flush cylinder' => ['cylinderMm', 0.0, Fit::No, 'Cylinder stands out 0 mm, it needs 3 mm'];
        yield 'hinges' => ['hinges', null, Fit::Unmeasured, 'Side of the hinges not noted: which way it turns follows from it'];
        yield 'other hinges' => ['hinges', Hand::Right, Fit::Fits, 'Hinges on the right from inside: teach it that way round'];
        yield 'key' => [
            'keyInside', true, Fit::No, 'A key left inside blocks it from outside: a cylinder that opens all the same, or no key inside',
        ];
        yield 'key not asked about' => ['keyInside', null, Fit::Unmeasured, 'Nobody has asked whether a key is left in it inside'];
    }

    #[DataProvider('measures')]
    public function test_one_measure_decides(string $measure, mixed $value, Fit $fit, string $words): void
    {
        $report = self::fit([$measure => $value]);

        self::assertSame($fit, $report->verdict());
        self::assertContains($words, array_map(static fn (FitFinding $one): string => $one->words, $report->all($fit)));
    }

    public function test_what_does_not_fit_decides_before_what_is_not_measured(): void
    {
        self::assertSame(Fit::No, self::fit(['backsetMm' => null, 'freeMm' => 10.0])->verdict());
    }

    public function test_a_key_may_be_left_where_the_sheet_says_so_and_a_metal_door_shields(): void
    {
        $report = self::fit(['keyInside' => true, 'isMetal' => true], ['keyInside' => true, 'cylinderMm' => 0]);

        self::assertSame(Fit::Fits, $report->verdict());
        self::assertCount(5, $report->findings, 'nothing is asked of a cylinder that it does not turn');
        self::assertStringContainsString('A metal door shields', $report->cautions[1]);
    }

    public function test_a_sheet_with_its_bounds_the_wrong_way_round_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        self::fit([], ['doorMm' => [70, 38]]);
    }

    /**
     * @param  array<string, mixed>  $door
     * @param  array<string, mixed>  $sheet
     */
    private static function fit(array $door, array $sheet = []): FitReport
    {
        return LockFit::of(new DoorMeasures(...[...self::GOOD, ...$door]), LockSheet::fromInput(Input::of([
            'doorMm' => [38, 70], 'backsetMm' => [45, 80], 'standsOutMm' => 60, 'cylinderMm' => 3, 'keyInside' => false, ...$sheet,
        ])));
    }
}
