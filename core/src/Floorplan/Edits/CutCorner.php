<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Carry;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\Reshape;
use Kavvel\Core\Floorplan\Room;
use Kavvel\Core\Floorplan\RoomMeasure;
use Kavvel\Core\Floorplan\Shape;

/** A room loses a right-angled corner and becomes an L. */
final readonly class CutCorner implements Edit
{
    private const RIGHT_ANGLE = 0.02;

    /**
     * @param  int  $corner  its number in the outline
     * @param  float  $across  metres cut from the more level side
     * @param  float  $down  metres cut from the more upright side
     */
    public function __construct(private string $room, private int $corner, private float $across, private float $down) {}

    public function apply(Plan $plan): Plan
    {
        $room = $plan->room($this->room);
        $outline = $room->outline;
        $count = count($outline);
        $corner = $outline[$this->corner] ?? throw PlanRefused::noSuchCorner($room);
        $before = $outline[($this->corner + $count - 1) % $count];
        $after = $outline[($this->corner + 1) % $count];
        [$inX, $inY, $in] = self::way($corner, $before);
        [$outX, $outY, $out] = self::way($corner, $after);
        $turn = ($outX * $inY - $outY * $inX) * (Shape::turn($outline) > 0 ? 1 : -1);
        if (abs($inX * $outX + $inY * $outY) > self::RIGHT_ANGLE || $turn < 0) {
            throw PlanRefused::noSuchCorner($room);
        }
        $isInLevel = abs($inX) > abs($inY);
        [$alongIn, $alongOut] = $isInLevel ? [$this->across, $this->down] : [$this->down, $this->across];
        $isLeft = min($in - $alongIn, $out - $alongOut) >= RoomMeasure::NARROWEST_M;
        if (min($alongIn, $alongOut) < Shape::SAME_M || ! $isLeft) {
            throw PlanRefused::cutTooDeep($room);
        }
        $first = Shape::moved($corner, $inX * $alongIn, $inY * $alongIn);
        $last = Shape::moved($corner, $outX * $alongOut, $outY * $alongOut);
        $inner = Shape::moved($first, $outX * $alongOut, $outY * $alongOut);
        array_splice($outline, $this->corner, 1, [$first, $inner, $last]);
        $cut = new Room($room->key, $room->storey, $room->name, $room->code, $room->kind, $outline, $room->height);

        return Reshape::of($plan, array_replace($plan->rooms, [$room->key => $cut]), Carry::nothing());
    }

    public function words(Plan $before): string
    {
        return 'cut a corner off the '.mb_strtolower($before->room($this->room)->name);
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return array{float, float, float} direction and length
     */
    private static function way(array $from, array $to): array
    {
        $length = hypot($to[0] - $from[0], $to[1] - $from[1]);

        return [($to[0] - $from[0]) / $length, ($to[1] - $from[1]) / $length, $length];
    }
}
