<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Measuring;

use Kavvel\Core\Catalogue\BlindKind;
use Kavvel\Core\Catalogue\BlindSheet;
use Kavvel\Core\Floorplan\Thing;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Measuring\BlindFit;
use Kavvel\Core\Measuring\Fit;
use Kavvel\Core\Measuring\FitFinding;
use Kavvel\Core\Measuring\FitReport;
use Kavvel\Core\Measuring\Hand;
use Kavvel\Core\Measuring\SocketWay;
use Kavvel\Core\Measuring\WindowMeasures;
use Kavvel\Core\Siting\RoomSpots;
use Kavvel\Core\Tests\Siting\RoomSpotsTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BlindFitTest extends TestCase
{
    private const GOOD = [
        'kind' => BlindKind::Roller, 'widthM' => 1.2, 'dropM' => 1.5, 'depthMm' => 80.0, 'isInReveal' => true, 'motor' => Hand::Left,
    ];

    public function test_what_is_all_within_the_sheet_fits(): void
    {
        $report = self::fit([]);

        self::assertSame(Fit::Fits, $report->verdict());
        self::assertSame(['It is held by screws for good; adhesive only while trying.'], $report->cautions);
    }

    /** @return iterable<string, array{array<string, mixed>, float|null, Fit, string}> */
    public static function measures(): iterable
    {
        yield 'another kind' => [['kind' => BlindKind::Vertical], 1.0, Fit::No, 'It drives no vertical slats'];
        yield 'no kind' => [['kind' => null], 1.0, Fit::Unmeasured, 'Nobody has noted what hangs there'];
        yield 'too wide' => [['widthM' => 2.41], 1.0, Fit::No, 'Width 2.41 m, it takes 2.4 m'];
        yield 'as wide as it may be' => [['widthM' => 2.4, 'dropM' => 1.0], 1.0, Fit::Fits, 'Width 2.4 m, it takes 2.4 m'];
        yield 'too large' => [['widthM' => 2.0, 'dropM' => 2.1], 1.0, Fit::No, 'Area 4.2 m², it takes 4 m²'];
        yield 'no drop' => [['dropM' => null], 1.0, Fit::Unmeasured, 'Area not measured, it takes 4 m²'];
        yield 'shallow' => [['depthMm' => 59.0], 1.0, Fit::No, 'Depth of the reveal 59 mm, it needs 60 mm'];
        yield 'no side' => [['motor' => null], 1.0, Fit::Unmeasured, 'Side of the motor not noted: how far its socket is follows from it'];
        yield 'far socket' => [[], 2.51, Fit::No, 'Way to the nearest socket 2.51 m, it takes 2.5 m'];
        yield 'near socket' => [[], 2.5, Fit::Fits, 'Way to the nearest socket 2.5 m, it takes 2.5 m'];
        yield 'no socket' => [[], null, Fit::No, 'No socket in the room, and it has a lead'];
        yield 'to tilt' => [['mustTilt' => true], 1.0, Fit::No, 'It does not turn slats, and it is to'];
    }

    /** @param array<string, mixed> $window */
    #[DataProvider('measures')]
    public function test_one_measure_decides(array $window, ?float $socketM, Fit $fit, string $words): void
    {
        $report = self::fit($window, $socketM);

        self::assertSame($fit, $report->verdict());
        self::assertContains($words, array_map(static fn (FitFinding $one): string => $one->words, $report->all($fit)));
    }

    public function test_outside_of_the_reveal_its_depth_matters_not_and_without_a_lead_no_socket(): void
    {
        self::assertSame(Fit::Fits, self::fit(['isInReveal' => false, 'depthMm' => null])->verdict());
        self::assertSame(Fit::Fits, self::fit(['motor' => null], null, ['leadM' => null])->verdict());
        self::assertSame(Fit::Fits, self::fit(['mustTilt' => true], 1.0, ['tilts' => true])->verdict());
    }

    public function test_cords_and_shutters_have_their_cautions(): void
    {
        self::assertStringContainsString('strangle a child', self::fit(['hasCord' => true])->cautions[0]);
        self::assertStringContainsString('by hand it opens too', self::fit(['kind' => BlindKind::Shutter])->cautions[1]);
    }

    public function test_a_lead_runs_along_the_wall_and_down_from_the_side_of_the_motor(): void
    {
        $plan = RoomSpotsTest::house();
        foreach (RoomSpots::of($plan, 'kitchen')->windows() as $window) {
            if ($window->before()[1] >= 0.5) {
                continue;
            }
            [$x, $y] = $window->before();
            self::assertNull(SocketWay::of($plan, 'kitchen', $window, Hand::Left));
            // Right of the window, seen from inside: the wall is at the top, so right is right.
            $near = $plan->withThing(new Thing('points', 's', 's', 'kitchen', [$x + 1.0, $y, 0.3], ['mains' => true]));
            self::assertEqualsWithDelta(0.4 + 1.8, SocketWay::of($near, 'kitchen', $window, Hand::Right), 1e-9);
            self::assertEqualsWithDelta(1.6 + 1.8, SocketWay::of($near, 'kitchen', $window, Hand::Left), 1e-9);
            $dead = $plan->withThing(new Thing('points', 's', 's', 'kitchen', [$x, $y, 0.3], ['mains' => false]));
            self::assertNull(SocketWay::of($dead, 'kitchen', $window, Hand::Left));

            return;
        }
        self::fail('There is no window at the top.');
    }

    /**
     * @param  array<string, mixed>  $window
     * @param  array<string, mixed>  $sheet
     */
    private static function fit(array $window, ?float $socketM = 1.0, array $sheet = []): FitReport
    {
        return BlindFit::of(new WindowMeasures(...[...self::GOOD, ...$window]), BlindSheet::fromInput(Input::of([
            'kinds' => ['roller', 'shutter', 'slats'], 'mostWidthM' => 2.4, 'mostAreaM2' => 4, 'depthMm' => 60, 'leadM' => 2.5, ...$sheet,
        ])), $socketM);
    }
}
