<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Floorplan;

use Kavvel\Core\Floorplan\Construction;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Edits\AddPoint;
use Kavvel\Core\Floorplan\Edits\AddRoom;
use Kavvel\Core\Floorplan\Edits\AddStorey;
use Kavvel\Core\Floorplan\Edits\ChangeRoom;
use Kavvel\Core\Floorplan\Edits\ChangeStorey;
use Kavvel\Core\Floorplan\Edits\ChangeWall;
use Kavvel\Core\Floorplan\Edits\CutCorner;
use Kavvel\Core\Floorplan\Edits\MoveRoom;
use Kavvel\Core\Floorplan\Edits\MoveWall;
use Kavvel\Core\Floorplan\Edits\PutOpening;
use Kavvel\Core\Floorplan\Edits\RemoveOpening;
use Kavvel\Core\Floorplan\Edits\RemoveRoom;
use Kavvel\Core\Floorplan\Edits\RemoveStorey;
use Kavvel\Core\Floorplan\Edits\ResizeRoom;
use Kavvel\Core\Floorplan\FloorKind;
use Kavvel\Core\Floorplan\Footing;
use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\OpeningKind;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanPatch;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\PlanWall;
use Kavvel\Core\Floorplan\RoomKind;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Floorplan\Stretch;
use Kavvel\Core\Floorplan\Stretches;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Site\BuildingReader;
use Kavvel\Core\Site\Opening;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever people do to a plan, it stays one; and taken back step by step it is exactly what it was. */
final class RandomEditsTest extends TestCase
{
    private const STEPS = 60;

    private Randomizer $chance;

    #[DataProvider('seeds')]
    public function test_any_row_of_edits_leaves_a_sound_plan_and_can_be_taken_back(int $seed): void
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $plan = House::of('kitchen 4.2 x 3.6', 'hall 2 x 3.6', 'living 5 x 4');
        $states = [];
        $patches = [];
        for ($step = 0; $step < self::STEPS; $step++) {
            $edit = $this->edit($plan);
            try {
                $after = $edit->apply($plan);
            } catch (PlanRefused) {
                continue;
            }
            $this->checkSound($after, "seed {$seed}, step {$step}: {$edit->words($plan)}");
            $states[] = $plan;
            // As it comes back from a database.
            $patches[] = new PlanPatch(json_decode((string) json_encode(PlanPatch::between($plan, $after)->changes), true));
            $plan = $after;
        }
        self::assertGreaterThan(self::STEPS / 4, count($patches), 'Hardly anything was done.');
        $last = $plan;
        foreach (array_reverse($patches) as $number => $patch) {
            $plan = $patch->inverse()->applyTo($plan);
            self::assertEquals($states[count($states) - 1 - $number]->rows(), $plan->rows());
        }
        foreach ($patches as $patch) {
            $plan = $patch->applyTo($plan);
        }
        self::assertEquals($last->rows(), $plan->rows());
    }

    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 16) as $seed) {
            yield [$seed];
        }
    }

    private function checkSound(Plan $plan, string $where): void
    {
        $rows = array_map(array_values(...), $plan->rows());
        // Whatever forecasts radios reads it as strictly as a file.
        (new BuildingReader(Material::names()))->building(Input::of($rows['storeys'])->items(), Input::of($rows['walls'])->items());
        foreach ($plan->storeys as $storey) {
            $rooms = $plan->roomsOn($storey->key);
            $walls = $plan->wallsOn($storey->key);
            $stretches = Stretches::of($rooms);
            $footing = Footing::of($stretches, $walls);
            $on = [];
            foreach ($walls as $wall) {
                foreach ($footing->under($wall) as $stretch) {
                    $on[$stretch->signature()][] = $wall->length();
                }
            }
            foreach ($this->apart($stretches->all) as $stretch) {
                $lengths = $on[$stretch->signature()] ?? [];
                $beside = implode(' and ', $stretch->rooms()).sprintf(', %.3f m', $stretch->length());
                self::assertCount(1, $lengths, "{$where}: ".count($lengths)." walls beside {$beside}");
                self::assertLessThan(1.2, abs($stretch->length() - $lengths[0]), "{$where}: a wall that is too short or too long");
            }
            foreach ($rooms as $room) {
                foreach ($rooms as $other) {
                    self::assertFalse($room !== $other && $room->kind->hasWalls() && $other->kind->hasWalls()
                        && Shape::overlap($room->outline, $other->outline), "{$where}: {$room->key} over {$other->key}");
                }
            }
        }
        foreach ($plan->walls as $wall) {
            $end = 0.0;
            foreach ($wall->openings as $opening) {
                self::assertGreaterThanOrEqual($end - 0.003, $opening->offset, $where);
                $end = $opening->offset + $opening->width;
            }
            self::assertLessThanOrEqual($wall->length() + 0.003, $end, "{$where}: an opening outside the {$wall->label}");
        }
    }

    /**
     * Rooms whose walls would lie in each other are no house: which wall is whose can't be told.
     *
     * @param  list<Stretch>  $all
     * @return list<Stretch>
     */
    private function apart(array $all): array
    {
        return array_values(array_filter($all, static fn (Stretch $one): bool => array_filter(
            $all,
            static fn (Stretch $other): bool => $other !== $one && $other->line->isParallelTo($one->line)
                && ! $other->line->isSameAs($one->line) && abs($other->line->off - $one->line->off) < 0.6
                && $one->overlap($other->from - 0.6, $other->to + 0.6) > 0,
        ) === []));
    }

    private function edit(Plan $plan): Edit
    {
        $rooms = array_values($plan->rooms);
        $walls = array_values($plan->walls);
        $room = $rooms === [] ? null : $rooms[$this->chance->getInt(0, count($rooms) - 1)];
        $wall = $walls === [] ? null : $walls[$this->chance->getInt(0, count($walls) - 1)];
        $storeys = array_values($plan->storeys);
        $storey = $storeys[$this->chance->getInt(0, count($storeys) - 1)];
        if ($room === null || $wall === null) {
            return $this->newRoom($storey->key);
        }

        return match ($this->chance->getInt(0, 15)) {
            0, 1 => $this->newRoom($storey->key),
            2, 3 => new MoveRoom($room->key, $this->metres(4), $this->metres(4), byHand: true),
            4 => new MoveRoom($room->key, $this->metres(2), $this->metres(2)),
            5, 6, 7 => new MoveWall($wall->key, $this->metres(1.5), byHand: $this->chance->getInt(0, 1) === 1),
            8 => new ResizeRoom($room->key, 1 + abs($this->metres(5)), 1 + abs($this->metres(5))),
            9 => new CutCorner($room->key, $this->chance->getInt(0, 3), 0.5 + abs($this->metres(1)), 0.5 + abs($this->metres(1))),
            10 => new ChangeWall($wall->key, Construction::cases()[$this->chance->getInt(0, 7)]->layers()),
            11, 12 => new PutOpening($wall->key, $this->opening($wall)),
            13 => $this->chance->getInt(0, 1) === 1
                ? new RemoveRoom($room->key)
                : new ChangeRoom(
                    $room->key,
                    "Room {$this->chance->getInt(1, 99)}",
                    'ROO',
                    RoomKind::cases()[$this->chance->getInt(0, 4)],
                    null,
                ),
            14 => match ($this->chance->getInt(0, 3)) {
                0 => new AddStorey('Upper', 'above', 2.4, FloorKind::Timber),
                1 => new RemoveStorey($storey->key),
                2 => new RemoveOpening($wall->key, 0),
                default => new ChangeStorey(
                    $storey->key,
                    $storey->name,
                    2.2 + abs($this->metres(1)),
                    [],
                    Construction::Granite->layers(),
                    Construction::HalfBrick->layers(),
                ),
            },
            default => new AddPoint(
                $room->storey,
                $room->outline[0][0] + 0.5,
                $room->outline[0][1] + 0.5,
                0.4,
                ['purpose' => 'socket', 'mains' => true],
            ),
        };
    }

    private function opening(PlanWall $wall): Opening
    {
        $width = 0.5 + abs($this->metres(1)) + 0.0004;

        $atTheEnd = max(0.0, $wall->length() - $width);

        return OpeningKind::Door->at($this->chance->getInt(0, 2) === 0 ? $atTheEnd : abs($this->metres(3)), $width);
    }

    private function newRoom(string $storey): Edit
    {
        $place = $this->chance->getInt(0, 2) === 0 ? [$this->metres(8), $this->metres(8)] : null;

        return new AddRoom(
            Measured::of('room', 1 + abs($this->metres(4)), 1 + abs($this->metres(4)), null, 'measured'),
            $storey,
            RoomKind::cases()[$this->chance->getInt(0, 4)],
            $place,
        );
    }

    private function metres(float $most): float
    {
        return $this->chance->getInt((int) (-100 * $most), (int) (100 * $most)) / 100;
    }
}
