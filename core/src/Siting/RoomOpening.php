<?php

declare(strict_types=1);

namespace Kavvel\Core\Siting;

use Kavvel\Core\Floorplan\OpeningKind;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanWall;
use Kavvel\Core\Floorplan\Room;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Site\Opening;

/** A door, window or gap as it is seen from one of the rooms beside it. */
final readonly class RoomOpening
{
    /** What stands before an opening or beside it keeps this far from the wall, in metres */
    private const OFF_THE_WALL_M = 0.05;

    /**
     * @param  string  $id  the wall's key, and where in that wall it begins: "w03@1.20", the same whatever else is opened there
     * @param  int  $inward  1 or -1: on which side of its wall the room lies
     * @param  Room|null  $beyond  the room on the other side; null: out of doors
     */
    private function __construct(
        public string $id,
        public Opening $opening,
        private PlanWall $wall,
        private int $inward,
        public ?Room $beyond,
    ) {}

    /** Null where the room does not lie beside it. */
    public static function of(Plan $plan, PlanWall $wall, int $number, Room $room): ?self
    {
        foreach ([1, -1] as $inward) {
            $id = sprintf('%s@%.2F', $wall->key, $wall->openings[$number]->offset);
            $here = new self($id, $wall->openings[$number], $wall, $inward, null);
            if ($room->polygon()->contains(...$here->before())) {
                $there = new self($id, $here->opening, $wall, -$inward, null);

                return new self($id, $here->opening, $wall, $inward, $plan->roomAt($wall->storey, ...$there->before()));
            }
        }

        return null;
    }

    public function isWindow(): bool
    {
        return OpeningKind::tryFrom($this->opening->kind)?->isWindow() ?? false;
    }

    public function isDoor(): bool
    {
        return ! $this->isWindow() && $this->opening->kind !== OpeningKind::Gap->value;
    }

    /** Whether the way through it leads out of the house. */
    public function leadsOut(): bool
    {
        return $this->beyond === null || ! $this->beyond->kind->hasWalls();
    }

    /** @return array{float, float} in front of its middle, on the room's side of the wall */
    public function before(): array
    {
        return $this->at($this->opening->offset + $this->opening->width / 2);
    }

    /**
     * Beside it, where the wall is longer.
     *
     * @return array{float, float}
     */
    public function beside(float $byM): array
    {
        $after = $this->opening->offset + $this->opening->width;

        return $this->at($this->wall->length() - $after > $this->opening->offset ? $after + $byM : $this->opening->offset - $byM);
    }

    /**
     * The end of it that is on that hand, seen from inside the room.
     *
     * @return array{float, float}
     */
    public function side(bool $isLeft): array
    {
        return $this->at($this->opening->offset + ($isLeft === ($this->inward === 1) ? 0.0 : $this->opening->width));
    }

    /** @return array{float, float} the direction in which one looks out of it, of length 1 */
    public function outward(): array
    {
        $length = $this->wall->length();

        return [
            $this->inward * ($this->wall->to[1] - $this->wall->from[1]) / $length,
            -$this->inward * ($this->wall->to[0] - $this->wall->from[0]) / $length,
        ];
    }

    /** @param array{float, float} $place of the same wall or not */
    public function distanceTo(array $place): float
    {
        return Shape::distance(
            $place,
            $this->at($this->opening->offset),
            $this->at($this->opening->offset + $this->opening->width),
        );
    }

    /** @return array{float, float} */
    private function at(float $along): array
    {
        $length = $this->wall->length();
        [$ux, $uy] = [($this->wall->to[0] - $this->wall->from[0]) / $length, ($this->wall->to[1] - $this->wall->from[1]) / $length];
        $off = $this->inward * ($this->wall->thickness() / 2 + self::OFF_THE_WALL_M);

        return [
            Shape::millimetres($this->wall->from[0] + $ux * $along - $uy * $off),
            Shape::millimetres($this->wall->from[1] + $uy * $along + $ux * $off),
        ];
    }
}
