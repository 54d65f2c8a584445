<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Van;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Van\Stage;
use Kavvel\Core\Van\VanSlot;
use Kavvel\Core\Van\Visit;
use Kavvel\Core\Van\VisitPlan;
use PHPUnit\Framework\TestCase;

final class VisitPlanTest extends TestCase
{
    public function test_what_a_visit_holds_is_done_on_it_in_the_order_of_the_work(): void
    {
        $plan = VisitPlan::of(self::slots(30, 30, 30, 30), 2, 3, 70, 200);

        self::assertSame([['2', 70, 60, '0 1'], ['3', 200, 60, '2 3']], self::told($plan));
        self::assertSame(0, $plan->beyond());
    }

    public function test_what_is_left_of_this_visit_may_hold_nothing(): void
    {
        self::assertSame([['2', 0, 0, ''], ['3', 100, 30, '0']], self::told(VisitPlan::of(self::slots(30), 2, 3, -5, 100)));
        self::assertSame([['2', 20, 0, ''], ['3', 100, 30, '0']], self::told(VisitPlan::of(self::slots(30), 2, 3, 20, 100)));
    }

    public function test_a_piece_that_no_visit_holds_goes_on_one_of_its_own(): void
    {
        self::assertSame(
            [['1', 60, 30, '0'], ['2', 60, 90, '1'], ['3', 60, 30, '2']],
            self::told(VisitPlan::of(self::slots(30, 90, 30), 1, 2, 60, 60)),
        );
        self::assertSame([['1', 0, 30, '0'], ['2', 0, 30, '1']], self::told(VisitPlan::of(self::slots(30, 30), 1, 1, 0, 0)));
    }

    public function test_visits_beyond_those_planned_are_counted(): void
    {
        self::assertSame(2, VisitPlan::of(self::slots(30, 30, 30), 1, 1, 30, 30)->beyond());
        self::assertSame(0, VisitPlan::of([], 1, 1, 30, 30)->beyond());
    }

    public function test_what_hangs_on_one_circuit_is_one_piece_with_the_minutes_to_make_it_dead(): void
    {
        $wired = static fn (string $key, ?string $circuit): VanSlot => self::slot($key, 20, $circuit, true);
        self::assertSame(
            [['1', 40, 35, 'a'], ['2', 100, 20, 'b']],
            self::told(VisitPlan::of([$wired('a', null), self::slot('b', 20, 'lights')], 1, 2, 40, 100)),
        );
        self::assertSame(2, count(VisitPlan::of([self::slot('a', 20, 'lights'), self::slot('b', 20, 'lights')], 1, 2, 30, 30)->visits));
        $plan = VisitPlan::of([$wired('a', 'lights'), self::slot('b', 20), $wired('c', 'lights')], 1, 2, 61, 100);

        self::assertSame([['1', 61, 60, 'a c'], ['2', 100, 20, 'b']], self::told($plan));
        self::assertSame(['hall' => 40], $plan->visit(1)->byRoom());
        self::assertSame(1, $plan->visit(9)->number);
    }

    /** @return list<VanSlot> */
    private static function slots(int ...$minutes): array
    {
        $minutes = array_values($minutes);

        return array_map(static fn (int $number, int $one): VanSlot => self::slot((string) $number, $one), array_keys($minutes), $minutes);
    }

    private static function slot(string $key, int $minutes, ?string $circuit = null, bool $isWired = false): VanSlot
    {
        return new VanSlot($key, 'hall', $circuit, Profile::fromInput(Input::of([
            'key' => $key, 'name' => $key, 'model' => 'X', 'protocol' => 'zigbee', 'role' => 'end', 'power' => 'mains',
            'capabilities' => [], 'minutes' => ['fit' => $minutes],
            ...$isWired ? ['fitSheet' => ['depthMm' => 30, 'neutral' => 'needed', 'limitsW' => ['led' => 1]]] : [],
        ])), 1.0, [Stage::Fit]);
    }

    /** @return list<array{string, int, int, string}> number, minutes it has, minutes it takes, keys */
    private static function told(VisitPlan $plan): array
    {
        return array_map(static fn (Visit $one): array => [
            (string) $one->number, $one->hasMinutes, $one->minutes, implode(' ', array_column($one->slots, 'key')),
        ], $plan->visits);
    }
}
