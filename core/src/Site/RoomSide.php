<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/** A device in a wall radiates into its own room: a straight line to it starts on that side of the wall. */
final readonly class RoomSide
{
    /** How far inside its own room a device in a wall lies (assumption) */
    private const INSIDE_M = 0.05;

    /** @param list<WallSegment> $walls */
    public function __construct(private array $walls) {}

    /** Where the antenna of a device lies; a device in no wall stays where it is. */
    public function place(Vec3 $device, Polygon $room): Vec3
    {
        // Twice: in a corner the first wall finds the room only once the second has.
        foreach ([...$this->walls, ...$this->walls] as $wall) {
            $device = $this->besideWall($device, $room, $wall);
        }

        return $device;
    }

    /** Rooms are drawn to the middle of their walls or to the face: whichever lies in the room is taken. */
    private function besideWall(Vec3 $device, Polygon $room, WallSegment $wall): Vec3
    {
        $foot = $wall->footOf($device);
        $half = $wall->thickness() / 2;
        if ($foot === null || abs($foot['off']) > max($half, self::INSIDE_M)) {
            return $device;
        }
        $ownSide = $foot['off'] < 0 ? -1 : 1;
        foreach ([self::INSIDE_M, $half + self::INSIDE_M] as $least) {
            foreach ([$ownSide, -$ownSide] as $side) {
                $off = $side * max($least, $side * $foot['off']);
                $x = $foot['x'] + $foot['normal'][0] * $off;
                $y = $foot['y'] + $foot['normal'][1] * $off;
                if ($room->contains($x, $y)) {
                    return new Vec3($x, $y, $device->z);
                }
            }
        }

        return $device;
    }
}
