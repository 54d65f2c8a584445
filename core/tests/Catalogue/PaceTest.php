<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Catalogue;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Catalogue\Pace;
use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\TestCase;

final class PaceTest extends TestCase
{
    use TestTrait;

    public function test_presses_come_within_their_time(): void
    {
        $this->forAll(Generators::choose(1, 12), Generators::choose(1, 8))->then(function (int $times, int $seconds): void {
            $pace = $this->pace(['do' => 'press', 'times' => $times, 'seconds' => $seconds]);
            $last = $pace->strokes[$times - 1];

            self::assertCount($times, $pace->strokes);
            self::assertLessThanOrEqual($seconds, $last[1] - $pace->strokes[0][0]);
            self::assertLessThan($pace->round, $last[1]);
        });
    }

    public function test_a_hold_lasts_as_long_as_it_says(): void
    {
        foreach (['hold', 'pin-hold'] as $kind) {
            [$down, $up] = $this->pace(['do' => $kind, 'seconds' => 6])->strokes[0];
            self::assertEqualsWithDelta(6.0, $up - $down, 1e-9);
        }
    }

    public function test_each_step_has_a_pace(): void
    {
        foreach (Step::KINDS as $kind) {
            self::assertNotSame([], $this->pace(['do' => $kind])->strokes, $kind);
        }
        self::assertSame([0.6, 1.5, 2.6, 3.5], array_merge(...$this->pace(['do' => 'power-cycle', 'times' => 2])->strokes));
        self::assertSame([0.6, 1.05, 1.6, 2.05], array_map(
            static fn (float $time): float => round($time, 4),
            array_merge(...$this->pace(['do' => 'turn', 'times' => 2])->strokes),
        ));
    }

    public function test_a_track_goes_down_and_up_in_order(): void
    {
        $pace = $this->pace(['do' => 'press', 'times' => 2, 'seconds' => 1.2]);

        self::assertSame(
            ['values' => 'up;down;up;down;up', 'keyTimes' => '0.0000;0.1875;0.2719;0.3750;0.4594'],
            $pace->track('up', 'down'),
        );
        self::assertSame(['values' => '0;0;1;1', 'keyTimes' => '0.0000;0.1875;0.2719;1.0000'], $pace->sweep('0', '1'));
    }

    /** @param array<string, mixed> $step */
    private function pace(array $step): Pace
    {
        return Pace::of(Step::fromInput(Input::of($step)));
    }
}
