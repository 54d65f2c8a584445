<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use DateTimeZone;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Fit\Hanging;
use Kavvel\Core\Fit\HangStep;
use Kavvel\Core\Fit\HungSlot;
use Kavvel\Core\Fit\WorkRefused;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\TestCase;

final class HangingTest extends TestCase
{
    private const BLIND = [HangStep::Mounted, HangStep::Cord, HangStep::Direction, HangStep::EndStops];

    public function test_a_blind_is_hung_made_safe_and_taught_in_that_order(): void
    {
        $hanging = Hanging::none(self::BLIND);
        self::assertSame(HangStep::Mounted, $hanging->next());

        $hanging = $hanging->hang(Hanging::ADHESIVE, Boxes::act());
        self::assertSame([HangStep::Cord, Hanging::ADHESIVE], [$hanging->next(), $hanging->fixing]);
        self::assertSame('to teach', (new HungSlot('blind', 'hall', $hanging, false, false))->standing());

        foreach ([HangStep::Cord, HangStep::Direction, HangStep::EndStops] as $step) {
            self::assertSame($step, $hanging->next());
            $hanging = $hanging->do($step, Boxes::act());
        }
        self::assertTrue($hanging->isDone());
        self::assertEquals($hanging, Hanging::fromInput(Input::of($hanging->row()), new DateTimeZone('+00:00'), self::BLIND));
    }

    public function test_the_end_stops_are_not_taught_before_the_direction(): void
    {
        $this->expectException(WorkRefused::class);
        $this->expectExceptionMessage('First: Guide the cord');

        Hanging::none(self::BLIND)->hang(Hanging::SCREWS, Boxes::act())->do(HangStep::EndStops, Boxes::act());
    }

    public function test_what_is_taken_back_takes_back_what_came_after_it(): void
    {
        $taught = Hanging::none(self::BLIND)->hang(Hanging::SCREWS, Boxes::act())->do(HangStep::Cord, Boxes::act())
            ->do(HangStep::Direction, Boxes::act())->do(HangStep::EndStops, Boxes::act());

        self::assertSame(HangStep::Direction, $taught->undo(HangStep::Direction)->next());
        self::assertSame(Hanging::SCREWS, $taught->undo(HangStep::Direction)->fixing);
        self::assertNull($taught->undo(HangStep::Mounted)->fixing);
    }

    public function test_a_lock_stays_a_way_out_before_it_is_taught(): void
    {
        $profile = static fn (array $other): Profile => Profile::fromInput(Input::of([
            'key' => 'x', 'name' => 'X', 'model' => 'X', 'protocol' => 'zwave', 'role' => 'end', 'power' => 'mains', 'capabilities' => [],
            ...$other,
        ]));
        $lock = $profile(['lockSheet' => ['doorMm' => [38, 70], 'backsetMm' => [45, 80], 'standsOutMm' => 58, 'keyInside' => false]]);
        $hanging = Hanging::none(HangStep::of($lock))->hang(Hanging::SCREWS, Boxes::act());

        self::assertSame(HangStep::WayOut, $hanging->next());
        self::assertTrue($hanging->do(HangStep::WayOut, Boxes::act())->do(HangStep::Turns, Boxes::act())->isDone());
        self::assertSame(self::BLIND, HangStep::of($profile(['blindSheet' => ['kinds' => ['roller'], 'mostWidthM' => 2]])));
        self::assertSame([], HangStep::of($profile([])));
    }
}
