<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Floorplan;

use Kavvel\Core\Floorplan\Construction;
use Kavvel\Core\Floorplan\Edits\AddDuct;
use Kavvel\Core\Floorplan\Edits\AddPoint;
use Kavvel\Core\Floorplan\Edits\AddRoom;
use Kavvel\Core\Floorplan\Edits\AddStorey;
use Kavvel\Core\Floorplan\Edits\ChangeRoom;
use Kavvel\Core\Floorplan\Edits\ChangeStorey;
use Kavvel\Core\Floorplan\Edits\ChangeWall;
use Kavvel\Core\Floorplan\Edits\CutCorner;
use Kavvel\Core\Floorplan\Edits\MoveRoom;
use Kavvel\Core\Floorplan\Edits\MoveThing;
use Kavvel\Core\Floorplan\Edits\MoveWall;
use Kavvel\Core\Floorplan\Edits\PutOpening;
use Kavvel\Core\Floorplan\Edits\RemoveDuct;
use Kavvel\Core\Floorplan\Edits\RemoveOpening;
use Kavvel\Core\Floorplan\Edits\RemovePoint;
use Kavvel\Core\Floorplan\Edits\RemoveRoom;
use Kavvel\Core\Floorplan\Edits\RemoveStorey;
use Kavvel\Core\Floorplan\Edits\ResizeRoom;
use Kavvel\Core\Floorplan\FloorKind;
use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\OpeningKind;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\RoomKind;
use Kavvel\Core\Floorplan\RoomMeasure;
use Kavvel\Core\Floorplan\Thing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EditsTest extends TestCase
{
    public function test_a_room_stands_in_four_outer_walls_and_is_clear_as_it_was_measured(): void
    {
        $plan = House::of('kitchen 4.2 x 3.6, h 2.5');

        self::assertSame([
            'outer wall of kitchen, bottom', 'outer wall of kitchen, left', 'outer wall of kitchen, right', 'outer wall of kitchen, top',
        ], House::labels($plan));
        self::assertSame('4.20 × 3.60 m', $this->clear($plan, 'kitchen'));
        self::assertSame(2.5, $plan->room('kitchen')->height);
        self::assertSame('KIT', $plan->room('kitchen')->code);
        self::assertSame([[0.0, 0.0], [4.32, 0.0], [4.32, 3.72], [0.0, 3.72]], $plan->storey('ground')->outline);
        self::assertSame(Construction::Brick, Construction::of(House::wallCalled($plan, 'outer wall of kitchen, top')->layers));
    }

    public function test_corners_of_the_house_are_closed_and_no_wall_stands_in_another(): void
    {
        $plan = House::of('kitchen 4.2 x 3.6');
        $top = House::wallCalled($plan, 'outer wall of kitchen, top');
        $left = House::wallCalled($plan, 'outer wall of kitchen, left');

        // The outer faces lie 0.215 − 0.06 outside the edge; the upright wall begins where the level one ends.
        self::assertEqualsWithDelta([-0.155, -0.0475], $top->from, 0.0011);
        self::assertEqualsWithDelta([-0.0475, 0.06], $left->from, 0.0011);
        self::assertEqualsWithDelta(0.06, $top->from[1] + $top->thickness() / 2, 0.001);
    }

    public function test_two_rooms_share_one_wall_of_what_inner_walls_are_made_of(): void
    {
        $plan = House::of('kitchen 4.2 x 3.6', 'hall 2 x 3.6');

        self::assertCount(7, $plan->walls);
        $shared = House::wallCalled($plan, 'wall between hall and kitchen');
        self::assertSame(Construction::Stud, Construction::of($shared->layers));
        self::assertSame([4.32, 4.32], [$shared->from[0], $shared->to[0]]);
        self::assertSame(['4.20 × 3.60 m', '2.00 × 3.60 m'], [$this->clear($plan, 'kitchen'), $this->clear($plan, 'hall')]);
    }

    public function test_a_room_that_is_dragged_near_another_comes_to_lie_against_it(): void
    {
        $plan = House::after(House::of('kitchen 4.2 x 3.6', 'hall 2 x 3.6'), new MoveRoom('hall', -4.2, 3.9, byHand: true));

        self::assertSame([[0.0, 3.72], [2.12, 3.72], [2.12, 7.44], [0.0, 7.44]], $plan->room('hall')->outline);
        self::assertSame([
            'outer wall of hall, bottom', 'outer wall of hall, left', 'outer wall of hall, right', 'outer wall of kitchen, bottom',
            'outer wall of kitchen, left', 'outer wall of kitchen, right', 'outer wall of kitchen, top', 'wall between hall and kitchen',
        ], House::labels($plan));
    }

    public function test_a_room_that_is_dragged_into_the_open_lies_on_the_raster(): void
    {
        $plan = House::after(House::of('kitchen 4.2 x 3.6', 'hall 2 x 3.6'), new MoveRoom('hall', 3.333, 0.171, byHand: true));

        self::assertSame([7.65, 0.15], $plan->room('hall')->outline[0]);
        self::assertCount(8, $plan->walls);
    }

    public function test_a_typed_move_is_exact(): void
    {
        $plan = House::after(House::of('kitchen 4.2 x 3.6', 'hall 2 x 3.6'), new MoveRoom('hall', 3.333, 0.0));

        self::assertSame([7.653, 0.0], $plan->room('hall')->outline[0]);
    }

    public function test_of_rooms_that_part_the_one_that_stays_keeps_the_door(): void
    {
        $plan = House::of('kitchen 4.2 x 3.6', 'hall 2 x 3.6');
        $shared = House::wallCalled($plan, 'wall between hall and kitchen');
        $plan = House::after(
            $plan,
            new ChangeWall($shared->key, Construction::HalfBrick->layers()),
            new PutOpening($shared->key, OpeningKind::Door->at(1.0, 0.9)),
            new MoveRoom('hall', 2.0, 0.0),
        );

        $kept = $plan->wall($shared->key);
        self::assertSame('outer wall of kitchen, right', $kept->label);
        self::assertSame(['door'], array_column($kept->openings, 'kind'));
        $copy = House::wallCalled($plan, 'outer wall of hall, left');
        self::assertSame([Construction::HalfBrick, []], [Construction::of($copy->layers), $copy->openings]);
    }

    public function test_a_wall_takes_both_its_rooms_along_and_keeps_its_door_in_place(): void
    {
        $plan = House::of('kitchen 4.2 x 3.6', 'hall 2 x 3.6');
        $shared = House::wallCalled($plan, 'wall between hall and kitchen');
        $plan = House::after($plan, new PutOpening($shared->key, OpeningKind::Door->at(1.0, 0.9)), new MoveWall($shared->key, 0.5));

        self::assertSame(['4.70 × 3.60 m', '1.50 × 3.60 m'], [$this->clear($plan, 'kitchen'), $this->clear($plan, 'hall')]);
        $moved = $plan->wall($shared->key);
        self::assertSame(4.82, $moved->from[0]);
        self::assertEqualsWithDelta($shared->from[1] + 1.0, $moved->from[1] + $moved->openings[0]->offset, 0.001);
    }

    public function test_a_level_wall_moves_down_for_a_positive_way(): void
    {
        $plan = House::of('kitchen 4 x 3');
        $plan = House::after($plan, new MoveWall(House::wallCalled($plan, 'outer wall of kitchen, bottom')->key, 0.5));

        self::assertSame('4.00 × 3.50 m', $this->clear($plan, 'kitchen'));
    }

    public function test_the_wall_of_a_cupboard_moves_too(): void
    {
        $plan = House::of('cupboard 0.6 x 0.5');
        $right = House::wallCalled($plan, 'outer wall of cupboard, right')->key;

        self::assertSame('0.50 × 0.50 m', $this->clear(House::after($plan, new MoveWall($right, -0.1)), 'cupboard'));
    }

    public function test_every_room_on_the_line_of_a_wall_moves_with_it(): void
    {
        $plan = House::after(
            House::of('kitchen 4 x 3', 'hall 2 x 1.4'),
            new AddRoom(Measured::parse('store 2 x 1.48'), 'ground', place: [4.12, 1.52]),
        );
        $plan = House::after($plan, new MoveWall(House::wallCalled($plan, 'wall between hall and kitchen')->key, -0.4));

        self::assertSame([3.72, 3.72, 3.72], [
            $plan->room('kitchen')->outline[1][0], $plan->room('hall')->outline[0][0], $plan->room('store')->outline[0][0],
        ]);
    }

    public function test_a_dragged_wall_meets_a_line_that_is_near(): void
    {
        $plan = House::after(
            House::of('kitchen 4 x 3'),
            new AddRoom(Measured::parse('hall 6 x 2'), 'ground', place: [0.0, 3.12]),
        );
        $plan = House::after($plan, new MoveWall(House::wallCalled($plan, 'outer wall of kitchen, right')->key, 1.9, byHand: true));

        self::assertSame(6.12, $plan->room('kitchen')->outline[1][0]);
    }

    public function test_a_room_is_made_the_size_it_was_measured_at(): void
    {
        $plan = House::after(House::of('kitchen 4 x 3', 'hall 2 x 3'), new ResizeRoom('kitchen', 4.35, 2.9));

        self::assertSame(['4.35 × 2.90 m', '1.65 × 3.00 m'], [$this->clear($plan, 'kitchen'), $this->clear($plan, 'hall')]);
    }

    public function test_a_room_loses_a_corner(): void
    {
        $plan = House::after(House::of('living 4 x 5'), new CutCorner('living', 2, 1.5, 2.0));

        self::assertSame(
            [[0.0, 0.0], [4.12, 0.0], [4.12, 3.12], [2.62, 3.12], [2.62, 5.12], [0.0, 5.12]],
            $plan->room('living')->outline,
        );
        self::assertCount(6, $plan->walls);
        self::assertNull(RoomMeasure::of($plan->room('living'), $plan->walls)->width);
        self::assertEqualsWithDelta(17.0, RoomMeasure::of($plan->room('living'), $plan->walls)->area, 0.2);
    }

    public function test_an_outer_wall_grows_outwards_and_an_inner_one_takes_from_both_rooms(): void
    {
        $plan = House::of('kitchen 4 x 3', 'hall 2 x 3');
        $plan = House::after(
            $plan,
            new ChangeWall(House::wallCalled($plan, 'outer wall of kitchen, left')->key, Construction::Granite->layers()),
        );
        self::assertSame('4.00 × 3.00 m', $this->clear($plan, 'kitchen'));

        $plan = House::after(
            $plan,
            new ChangeWall(House::wallCalled($plan, 'wall between hall and kitchen')->key, Construction::Granite->layers()),
        );
        self::assertEqualsWithDelta(4.0 - (0.55 - 0.12) / 2, (float) RoomMeasure::of($plan->room('kitchen'), $plan->walls)->width, 0.01);
    }

    public function test_walls_at_the_ends_of_one_that_grew_meet_it_again(): void
    {
        $plan = House::of('kitchen 4 x 3');
        $left = House::wallCalled($plan, 'outer wall of kitchen, left');
        $plan = House::after($plan, new ChangeWall($left->key, Construction::Granite->layers()));
        $top = House::wallCalled($plan, 'outer wall of kitchen, top');

        self::assertEqualsWithDelta($plan->wall($left->key)->from[0] - 0.275, $top->from[0], 0.001);
    }

    public function test_a_door_stays_in_its_wall(): void
    {
        $plan = House::of('kitchen 4 x 3', 'hall 2 x 3');
        $wall = House::wallCalled($plan, 'outer wall of hall, top')->key;
        $plan = House::after($plan, new PutOpening($wall, OpeningKind::Window->at(1.0, 1.0)));

        $this->expectExceptionMessage('The window of 1.00 m in the outer wall of hall, top would find no wall to be in.');
        (new MoveWall(House::wallCalled($plan, 'outer wall of hall, right')->key, -1.0))->apply($plan);
    }

    public function test_an_opening_is_changed_and_closed(): void
    {
        $plan = House::of('kitchen 4 x 3');
        $wall = House::wallCalled($plan, 'outer wall of kitchen, top')->key;
        $plan = House::after(
            $plan,
            new PutOpening($wall, OpeningKind::Window->at(2.0, 1.0)),
            new PutOpening($wall, OpeningKind::Door->at(0.5, 0.9)),
            new PutOpening($wall, OpeningKind::SteelDoor->at(0.3, 1.0), 0),
        );
        self::assertSame(['steel door', 'window'], array_column($plan->wall($wall)->openings, 'kind'));

        $plan = House::after($plan, new RemoveOpening($wall, 0));
        self::assertSame(['window'], array_column($plan->wall($wall)->openings, 'kind'));
    }

    public function test_names_of_walls_follow_the_names_of_rooms(): void
    {
        $plan = House::of('kitchen 4 x 3', 'hall 2 x 3');
        $own = House::wallCalled($plan, 'outer wall of kitchen, left');
        $plan = House::after(
            $plan,
            new ChangeWall($own->key, $own->layers, 'party wall'),
            new ChangeRoom('kitchen', 'Scullery', 'SCU', RoomKind::Room, null),
        );

        self::assertContains('wall between hall and scullery', House::labels($plan));
        self::assertSame('party wall', $plan->wall($own->key)->label);
    }

    public function test_a_room_goes_with_the_walls_that_are_its_own(): void
    {
        $plan = House::of('kitchen 4 x 3', 'hall 2 x 3');
        $shared = House::wallCalled($plan, 'wall between hall and kitchen')->key;
        $plan = House::after($plan, new PutOpening($shared, OpeningKind::Door->at(1.0, 0.9)), new RemoveRoom('hall'));

        self::assertCount(4, $plan->walls);
        self::assertSame([Construction::Brick, 1], [Construction::of($plan->wall($shared)->layers), count($plan->wall($shared)->openings)]);
    }

    public function test_rooms_that_are_open_to_each_other_stay_so(): void
    {
        $plan = House::of('kitchen 4 x 3', 'dining 3 x 3');
        $open = House::wallCalled($plan, 'wall between dining and kitchen')->key;
        $plan = House::after($plan, new ChangeWall($open, []), new MoveWall($open, 0.5));

        self::assertSame([], $plan->wall($open)->layers);
    }

    public function test_a_yard_has_no_walls_and_others_may_stand_in_it(): void
    {
        $plan = House::after(
            House::of('kitchen 4 x 3'),
            new AddRoom(Measured::parse('yard 12 x 10'), 'ground', RoomKind::Yard),
            new AddRoom(Measured::parse('shed 3 x 2'), 'ground', RoomKind::Outbuilding),
        );

        self::assertCount(8, $plan->walls);
        self::assertSame([8.12, 0.0], $plan->room('shed')->outline[0]);
        self::assertSame('kitchen', $plan->roomAt('ground', 1.0, 1.0)?->key);
        self::assertSame('yard', $plan->roomAt('ground', 1.0, 8.0)?->key);
        // House and shed under one outline: what lies between them has no floor.
        self::assertEqualsWithDelta(
            4.12 * 3.12 + 3.12 * 2.12,
            (new \Kavvel\Core\Site\Polygon($plan->storey('ground')->outline))->area(),
            0.01,
        );
    }

    public function test_no_floor_lies_over_a_stair(): void
    {
        $plan = House::after(
            House::of('kitchen 4 x 3', 'landing 2 x 3'),
            new ChangeRoom('landing', 'Landing', 'LAN', RoomKind::Stair, null),
        );

        self::assertFalse((new \Kavvel\Core\Site\Polygon($plan->storey('ground')->outline))->contains(5.0, 1.5));
        self::assertTrue((new \Kavvel\Core\Site\Polygon($plan->storey('ground')->outline))->contains(2.0, 1.5));
    }

    public function test_an_outline_that_somebody_drew_is_kept(): void
    {
        $plan = House::of('kitchen 4 x 3', 'hall 2 x 3');
        $drawn = [[0.0, 0.0], [3.0, 0.0], [3.0, 3.0], [0.0, 3.0]];
        $plan = $plan->withStorey($plan->storey('ground')->with(['outline' => $drawn]));

        self::assertSame($drawn, House::after($plan, new MoveRoom('hall', 1.0, 0.0))->storey('ground')->outline);
    }

    public function test_storeys_stand_on_each_other(): void
    {
        $plan = House::after(
            House::of('kitchen 4 x 3'),
            new AddStorey('First floor', 'above', 2.3, FloorKind::Timber),
            new AddStorey('Cellar', 'below', 2.0, FloorKind::Ground),
            new AddStorey('Boat shed', 'apart', 2.8, FloorKind::Ground),
        );

        self::assertSame(['first-floor', 'ground', 'cellar', 'boat-shed'], array_map(strval(...), array_keys($plan->storeys)));
        self::assertSame([2.7, 0.0, -2.3, 0.0], array_column($plan->storeys, 'elevation'));
        self::assertSame(FloorKind::Timber, FloorKind::of($plan->storey('first-floor')->floorLayers));
    }

    public function test_what_lies_above_goes_up_with_a_higher_storey(): void
    {
        $plan = House::after(
            House::of('kitchen 4 x 3'),
            new AddStorey('First floor', 'above', 2.3, FloorKind::Timber),
            new AddRoom(Measured::parse('bedroom 4 x 3'), 'first-floor'),
            new AddPoint('first-floor', 1.0, 1.0, 0.4, ['purpose' => 'socket', 'mains' => true]),
        );
        $ground = $plan->storey('ground');
        $plan = House::after($plan, new ChangeStorey(
            'ground',
            'Ground',
            2.9,
            [],
            Construction::Granite->layers(),
            $ground->innerLayers,
        ));

        self::assertSame(3.2, $plan->storey('first-floor')->elevation);
        self::assertSame(3.6, $plan->thing('points', 'bedroom-p01')->position[2]);
        self::assertSame(2.9, House::wallCalled($plan, 'outer wall of kitchen, top')->height);
        self::assertSame(2.3, House::wallCalled($plan, 'outer wall of bedroom, top')->height);
        self::assertSame(Construction::Granite, Construction::of(House::wallCalled($plan, 'outer wall of kitchen, top')->layers));
    }

    public function test_the_storey_below_is_the_highest_of_those_that_lie_lower(): void
    {
        $plan = House::after(
            House::empty(),
            new AddStorey('First floor', 'above', 2.3, FloorKind::Timber),
            new AddStorey('Cellar', 'below', 2.0, FloorKind::Ground),
        );

        self::assertSame('ground', $plan->storeyBelow('first-floor')?->key);
        self::assertSame('cellar', $plan->storeyBelow('ground')?->key);
        self::assertNull($plan->storeyBelow('cellar'));
    }

    public function test_an_upper_room_comes_to_stand_on_the_walls_below(): void
    {
        $plan = House::after(
            House::of('kitchen 4 x 3'),
            new AddStorey('First floor', 'above', 2.3, FloorKind::Timber),
            new AddRoom(Measured::parse('bedroom 3 x 3'), 'first-floor', place: [2.0, 1.0]),
            new MoveRoom('bedroom', -1.8, -0.9, byHand: true),
        );

        self::assertSame([0.0, 0.0], $plan->room('bedroom')->outline[0]);
    }

    public function test_what_is_in_a_room_goes_with_it(): void
    {
        $plan = $this->furnished();
        $plan = House::after($plan, new MoveRoom('hall', 1.0, 2.0));

        self::assertSame([6.12, 3.5, 1.0], $plan->thing('slots', 'lamp')->position);
        self::assertSame([1.0, 1.5, 1.0], $plan->thing('slots', 'relay')->position);
        self::assertSame([6.0, 3.0, 1.8], $plan->thing('hubs', 'hub')->position);
    }

    public function test_what_is_fixed_to_a_wall_or_swept_by_it_goes_with_it(): void
    {
        $plan = $this->furnished();
        $plan = House::after($plan, new MoveWall(House::wallCalled($plan, 'wall between hall and kitchen')->key, -2.2));

        self::assertEqualsWithDelta([3.9 - 2.2, 1.0, 0.3], $plan->thing('points', 'kitchen-p1')->position, 1e-9);
        self::assertSame([1.0, 1.5, 1.0], $plan->thing('slots', 'relay')->position);
    }

    public function test_a_point_comes_and_goes(): void
    {
        $plan = House::after(House::of('kitchen 4 x 3'), new AddPoint('ground', 1.0, 1.0, 0.4, ['purpose' => 'socket', 'mains' => true]));
        self::assertSame('kitchen', $plan->thing('points', 'kitchen-p01')->home);

        self::assertSame([], House::after($plan, new RemovePoint('kitchen-p01'))->things);
    }

    public function test_a_device_goes_into_the_room_that_it_is_put_in(): void
    {
        $plan = House::after($this->furnished(), new MoveThing('slots', 'relay', 5.0, 1.0), new MoveThing('hubs', 'hub', 2.0, 2.0));

        self::assertSame(['hall', [5.0, 1.0, 1.0]], [$plan->thing('slots', 'relay')->home, $plan->thing('slots', 'relay')->position]);
        self::assertSame(['ground', [2.0, 2.0, 1.8]], [$plan->thing('hubs', 'hub')->home, $plan->thing('hubs', 'hub')->position]);
    }

    public function test_ducts_and_risers_come_and_go(): void
    {
        $plan = House::after(House::of('kitchen 4 x 3'), new AddStorey('First floor', 'above', 2.3, FloorKind::Timber));
        $riser = AddDuct::riser('Riser', 1.0, 1.0, 'first-floor', 'ground', $plan);
        $plan = House::after($plan, $riser, new AddDuct('Hall duct', [[1.0, 1.0, 2.3], [4.0, 1.0, 2.3], [4.0, 3.0, 2.3]]));

        self::assertSame([true, false], [$plan->duct('riser')->isRiser(), $plan->duct('hall-duct')->isRiser()]);
        self::assertSame([5.0, 5.0], [$plan->duct('riser')->length(), $plan->duct('hall-duct')->length()]);
        self::assertSame([true, false], [
            $plan->duct('riser')->isOn($plan->storey('first-floor')), $plan->duct('hall-duct')->isOn($plan->storey('first-floor')),
        ]);
        self::assertCount(1, House::after($plan, new RemoveDuct('riser'))->ducts);
    }

    public function test_an_empty_storey_goes_off_the_plan(): void
    {
        $plan = House::after(
            House::of('kitchen 4 x 3'),
            new AddStorey('First floor', 'above', 2.3, FloorKind::Timber),
            new RemoveStorey('first-floor'),
        );

        self::assertCount(1, $plan->storeys);
    }

    /** @param callable(Plan): mixed $ask */
    #[DataProvider('refusals')]
    public function test_what_can_not_be_is_refused_in_words(string $words, callable $ask): void
    {
        $plan = House::after($this->furnished(), new AddRoom(Measured::parse('nook 2 x 3'), 'ground', place: [0.0, 5.0]));

        $this->expectException(PlanRefused::class);
        $this->expectExceptionMessage($words);
        $ask($plan);
    }

    /** @return iterable<string, array{string, callable(Plan): mixed}> */
    public static function refusals(): iterable
    {
        $top = static fn (Plan $plan): string => House::wallCalled($plan, 'outer wall of nook, top')->key;

        return [
            'over another' => [
                'The Nook would lie over the Kitchen.',
                static fn (Plan $plan) => (new MoveRoom('nook', 0.0, -3.0))->apply($plan),
            ],
            'inside another' => [
                'would lie over the',
                static fn (Plan $plan) => (new AddRoom(Measured::parse('box 1 x 1'), 'ground', place: [1.0, 1.0]))->apply($plan),
            ],
            'not moved' => [
                'There is nothing to move',
                static fn (Plan $plan) => (new MoveRoom('nook', 0.01, 0.01, byHand: true))->apply($plan),
            ],
            'far out' => ['farther out than 500 m', static fn (Plan $plan) => (new MoveRoom('nook', 600.0, 0.0))->apply($plan)],
            'nothing left' => [
                'Nothing would be left of the Nook',
                static fn (Plan $plan) => (new MoveWall($top($plan), 3.0))->apply($plan),
            ],
            'inside out' => ['Nothing would be left of the Nook', static fn (Plan $plan) => (new MoveWall($top($plan), 5.0))->apply($plan)],
            'too narrow' => ['A room measures 0.3 to 60 m.', static fn (Plan $plan) => (new ResizeRoom('nook', 0.2, 3.0))->apply($plan)],
            'in use' => ['A device is planned in the Kitchen', static fn (Plan $plan) => (new RemoveRoom('kitchen'))->apply($plan)],
            'corner that is used' => [
                'Relay would stand outside the Kitchen',
                static fn (Plan $plan) => (new CutCorner('kitchen', 0, 2.0, 2.5))->apply($plan),
            ],
            'corner too deep' => [
                'both sides must keep some wall',
                static fn (Plan $plan) => (new CutCorner('nook', 0, 2.0, 1.0))->apply($plan),
            ],
            'no corner' => ['can’t be cut', static fn (Plan $plan) => (new CutCorner('nook', 9, 0.5, 0.5))->apply($plan)],
            'corner that points inwards' => [
                'must be a right angle that points outwards',
                static fn (Plan $plan) => (new CutCorner('nook', 1, 0.3, 0.3))->apply((new CutCorner('nook', 0, 1.0, 1.0))->apply($plan)),
            ],
            'opening too wide' => [
                'that is not inside the wall',
                static fn (Plan $plan) => (new PutOpening($top($plan), OpeningKind::Door->at(2.0, 0.9)))->apply($plan),
            ],
            'opening too high' => [
                'is not inside a wall of 2.40 m',
                static fn (Plan $plan) => (new PutOpening($top($plan), OpeningKind::Door->at(0.0, 0.9, 0.0, 2.5)))->apply($plan),
            ],
            'openings collide' => [
                'The door would lie over the gap that stands from 0.00 to 1.00 m.',
                static fn (Plan $plan) => (new PutOpening($top($plan), OpeningKind::Door->at(0.9, 0.9)))
                    ->apply((new PutOpening($top($plan), OpeningKind::Gap->at(0.0, 1.0)))->apply($plan)),
            ],
            'no such opening' => [
                'That opening is no longer on the plan',
                static fn (Plan $plan) => (new RemoveOpening($top($plan), 0))->apply($plan),
            ],
            'no such room' => ['That room is no longer on the plan', static fn (Plan $plan) => (new RemoveRoom('cellar'))->apply($plan)],
            'no rectangle' => [
                'is no rectangle',
                static fn (Plan $plan) => (new ResizeRoom('nook', 2.0, 2.0))->apply(
                    (new CutCorner('nook', 0, 1.0, 1.0))->apply($plan),
                ),
            ],
            'outside' => ['lies outside every room', static fn (Plan $plan) => (new MoveThing('slots', 'relay', 40.0, 1.0))->apply($plan)],
            'a point outside' => [
                'lies outside every room',
                static fn (Plan $plan) => (new AddPoint('ground', 40.0, 1.0, 0.0, []))->apply($plan),
            ],
            'places out of reach' => [
                'Places are written as x and y in metres',
                static fn (Plan $plan) => AddDuct::along('Duct', '1,1 1,2,3', 'ground', 2.2, $plan),
            ],
            'a storey for cats' => [
                'A storey is 1 to 12 m high.',
                static fn (Plan $plan) => (new AddStorey('Crawl', 'below', 0.0, FloorKind::Ground))->apply($plan),
            ],
            'a storey lower than its doors' => [
                'A door from 0.00 to 2.00 m is not inside a wall of 1.50 m.',
                static fn (Plan $plan) => (new ChangeStorey('ground', 'Ground', 1.5, [], [], []))
                    ->apply((new PutOpening($top($plan), OpeningKind::Door->at(0.0, 0.9)))->apply($plan)),
            ],
            'the last storey' => ['one storey at least', static fn (Plan $plan) => (new RemoveStorey('ground'))->apply($plan)],
            'a storey in use' => ['rooms or hubs on the storey “Ground floor”', static fn (Plan $plan) => (new RemoveStorey('ground'))
                ->apply((new AddStorey('Loft', 'above', 2.0, FloorKind::Timber))->apply($plan))],
            'a duct that leads nowhere' => [
                'touch two at least',
                static fn (Plan $plan) => (new AddDuct('Duct', [[1.0, 1.0, 2.0], [1.0, 1.0, 2.0]]))->apply($plan),
            ],
        ];
    }

    private function clear(Plan $plan, string $room): string
    {
        return RoomMeasure::of($plan->room($room), $plan->wallsOn('ground'))->words();
    }

    private function furnished(): Plan
    {
        $plan = House::of('kitchen 4 x 3', 'hall 2 x 3');
        foreach ([
            ['slots', 'relay', 'Relay', 'kitchen', [1.0, 1.5, 1.0]], ['slots', 'lamp', 'Lamp', 'hall', [5.12, 1.5, 1.0]],
            ['points', 'kitchen-p1', 'socket', 'kitchen', [3.9, 1.0, 0.3]], ['hubs', 'hub', 'Hub', 'ground', [5.0, 1.0, 1.8]],
        ] as [$section, $key, $name, $home, $position]) {
            $plan = $plan->withThing(new Thing($section, $key, $name, $home, $position));
        }

        return $plan;
    }
}
