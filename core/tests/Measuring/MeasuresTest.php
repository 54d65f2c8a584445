<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Measuring;

use Kavvel\Core\Catalogue\BlindKind;
use Kavvel\Core\Catalogue\BlindSheet;
use Kavvel\Core\Catalogue\LockSheet;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Measuring\DoorMeasures;
use Kavvel\Core\Measuring\Fit;
use Kavvel\Core\Measuring\FitFinding;
use Kavvel\Core\Measuring\Hand;
use Kavvel\Core\Measuring\SeenFrom;
use Kavvel\Core\Measuring\WindowMeasures;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Measures as they are written and read again, and the sheets that they are held against. */
final class MeasuresTest extends TestCase
{
    public function test_a_door_comes_back_as_it_was_measured(): void
    {
        $door = new DoorMeasures(44.5, 60.0, 0.0, 2.0, Hand::Right, false, true);

        self::assertEquals($door, DoorMeasures::fromInput(Input::of($door->row())));
        self::assertEquals(new DoorMeasures, DoorMeasures::fromInput(Input::of([])));
        self::assertFalse((new DoorMeasures)->isMetal);
    }

    public function test_a_window_comes_back_as_it_was_measured(): void
    {
        $window = new WindowMeasures(BlindKind::Slats, 0.0, 1.2, 55.0, true, Hand::Left, true, true, 0.0, SeenFrom::Street);
        $bare = WindowMeasures::fromInput(Input::of([]));

        self::assertEquals($window, WindowMeasures::fromInput(Input::of($window->row())));
        self::assertEquals(new WindowMeasures, $bare);
        self::assertSame([false, false, false], [$bare->isInReveal, $bare->hasCord, $bare->mustTilt]);
    }

    /** @return iterable<string, array{string, float, float}> */
    public static function ends(): iterable
    {
        yield 'width' => ['widthM', 0.0, 20.0];
        yield 'drop' => ['dropM', 0.0, 20.0];
        yield 'depth' => ['depthMm', 0.0, 2_000.0];
        yield 'bearing' => ['bearing', 0.0, 360.0];
    }

    #[DataProvider('ends')]
    public function test_no_window_measures_more(string $what, float $least, float $most): void
    {
        foreach ([$least, $most] as $end) {
            self::assertEqualsWithDelta($end, WindowMeasures::fromInput(Input::of([$what => $end]))->row()[$what], 1e-9);
        }
        foreach ([$least - 0.1, $most + 0.1] as $beyond) {
            try {
                WindowMeasures::fromInput(Input::of([$what => $beyond]));
                self::fail("{$what} {$beyond} was taken.");
            } catch (InvalidInput $refused) {
                self::assertSame("$.{$what}", $refused->at);
            }
        }
    }

    public function test_a_sheet_says_no_more_than_it_does(): void
    {
        $lock = LockSheet::fromInput(Input::of([
            'doorMm' => [0, 0], 'backsetMm' => [45, 80], 'standsOutMm' => 0, 'keyInside' => true,
        ]));
        self::assertSame([0.0, 0.0, [45.0, 80.0]], [$lock->cylinderMm, $lock->standsOutMm, $lock->backsetMm]);
        $blind = BlindSheet::fromInput(Input::of(['kinds' => ['roof'], 'mostWidthM' => 1]));
        self::assertSame([0.0, null, null, false], [$blind->depthMm, $blind->leadM, $blind->mostAreaM2, $blind->tilts]);
    }

    public function test_measures_are_told_as_plainly_as_they_are(): void
    {
        $words = static fn (?float $measured): string => FitFinding::atMost('Width', $measured, 1.25, 'm')->words;

        self::assertSame('Width 1.2 m, it takes 1.25 m', $words(1.2));
        self::assertSame('Width 1.13 m, it takes 1.25 m', $words(1.125));
        self::assertSame('Width 100 m, it takes 1.25 m', $words(100.0));
        self::assertSame(Fit::Unmeasured, FitFinding::atMost('Width', null, 1.25, 'm')->fit);
        self::assertSame(Fit::Unmeasured, FitFinding::atLeast('Depth', null, 1.25, 'm')->fit);
    }

    public function test_kinds_and_sides_have_their_words(): void
    {
        foreach ([...BlindKind::cases(), ...SeenFrom::cases()] as $one) {
            self::assertNotSame('', $one->words());
        }
    }
}
