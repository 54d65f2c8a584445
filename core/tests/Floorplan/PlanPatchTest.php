<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Floorplan;

use Kavvel\Core\Floorplan\Edits\ChangeWall;
use Kavvel\Core\Floorplan\Edits\MoveRoom;
use Kavvel\Core\Floorplan\PlanPatch;
use Kavvel\Core\Floorplan\PlanRefused;
use PHPUnit\Framework\TestCase;

final class PlanPatchTest extends TestCase
{
    public function test_only_what_changed_is_in_it(): void
    {
        $plan = House::of('kitchen 4 x 3', 'hall 2 x 3');
        $wall = House::wallCalled($plan, 'wall between hall and kitchen');
        $patch = PlanPatch::between($plan, (new ChangeWall($wall->key, []))->apply($plan));

        self::assertSame(
            [['walls', $wall->key]],
            array_map(static fn (array $one): array => [$one['section'], $one['key']], $patch->changes),
        );
        self::assertTrue(PlanPatch::between($plan, $plan)->isEmpty());
    }

    public function test_it_is_not_laid_over_a_plan_that_moved_on(): void
    {
        $plan = House::of('kitchen 4 x 3', 'hall 2 x 3');
        $moved = (new MoveRoom('hall', 1.0, 0.0))->apply($plan);
        $patch = PlanPatch::between($plan, $moved);

        $this->expectException(PlanRefused::class);
        $patch->inverse()->applyTo((new MoveRoom('hall', 1.0, 0.0))->apply($moved));
    }

    public function test_keys_that_look_like_numbers_stay_keys(): void
    {
        $plan = House::of('7 4 x 3', '8 2 x 3');
        $moved = (new MoveRoom('8', 1.0, 0.0))->apply($plan);

        self::assertSame(['7', '8'], array_map(strval(...), array_keys($moved->rooms)));
        self::assertEquals($plan->rows(), PlanPatch::between($plan, $moved)->inverse()->applyTo($moved)->rows());
    }
}
