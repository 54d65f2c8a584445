<?php

declare(strict_types=1);

namespace Kavvel\Core\Drops;

use Kavvel\Core\Cabling\PointPurpose;
use Kavvel\Core\Cabling\WiredPoint;
use Kavvel\Core\Floorplan\Plan;

/** How the cable of a point may lie buried in its wall, or that it may not where the point is (RULES 9.2). */
final readonly class Drop
{
    private const FLOOR_STRIP_M = [0.15, 0.45];

    private const WORKTOP_STRIP_M = [1.0, 1.3];

    /** Under the ceiling */
    private const CEILING_STRIP_M = [0.15, 0.45];

    /** Beside an edge */
    private const EDGE_STRIP_M = [0.1, 0.3];

    private const NEAR_AN_EDGE_M = 0.15;

    /** As near as this it is on the ceiling or the floor (assumption), in metres */
    private const AT_CEILING_OR_FLOOR_M = 0.2;

    /** Nobody measures a wall to less, in metres */
    private const SAME_M = 0.001;

    private function __construct(public WiredPoint $point, public string $words, public bool $isOut) {}

    /**
     * @param  list<WiredPoint>  $points
     * @return array<string, self> by key of the point
     */
    public static function all(Plan $plan, array $points, DropCode $code): array
    {
        $walls = $drops = [];
        foreach ($points as $point) {
            $walls[$point->room] ??= RoomWalls::of($plan, $point->room);
            $drops[$point->key] = self::of($walls[$point->room], $point, $code);
        }

        return $drops;
    }

    public static function of(RoomWalls $walls, WiredPoint $point, DropCode $code): self
    {
        $spot = WallSpot::of($walls, $point);
        if ($spot === null) {
            return self::onNoWall($walls, $point);
        }
        if ($spot->isInOpening()) {
            return new self($point, "It stands in the {$spot->openingKind()}: move it beside.", true);
        }

        return match ($code) {
            DropCode::Strips => self::inStrips($point, $spot),
            DropCode::Seen => self::toWhatIsSeen($point, $spot),
            DropCode::Studs => new self($point, 'Through the middle of the studs, or under a steel plate.', false),
        };
    }

    private static function onNoWall(RoomWalls $walls, WiredPoint $point): self
    {
        $height = $point->place->z - $walls->storey->elevation;
        $isAtCeiling = $height >= $walls->ceiling() - self::AT_CEILING_OR_FLOOR_M;

        return $isAtCeiling || $height <= self::AT_CEILING_OR_FLOOR_M
            ? new self($point, $isAtCeiling ? 'Straight from the ceiling.' : 'Straight from the floor.', false)
            : new self($point, 'The plan has it on no wall: put it on the one that it will be in.', true);
    }

    private static function inStrips(WiredPoint $point, WallSpot $spot): self
    {
        foreach ($spot->edges as [$what, $away]) {
            if (self::isWithin(abs($away), self::EDGE_STRIP_M)) {
                return new self($point, "In the strip beside the {$what}.", false);
            }
        }
        $strip = match (true) {
            self::isWithin($spot->height, self::FLOOR_STRIP_M) => 'over the floor',
            self::isWithin($spot->ceiling - $spot->height, self::CEILING_STRIP_M) => 'under the ceiling',
            self::isWithin($spot->height, self::WORKTOP_STRIP_M) => 'over worktops, where the room has some',
            default => null,
        };
        if ($strip !== null) {
            return new self($point, "Along the strip {$strip}.", false);
        }
        if (! self::isSeen($point)) {
            return new self($point, 'No strip is there, and nothing will be seen of its end: '.self::nearest($spot), true);
        }
        $up = self::away($spot->height, self::FLOOR_STRIP_M);
        $down = self::away($spot->ceiling - $spot->height, self::CEILING_STRIP_M);
        $fromBelow = $spot->isBlockedAbove() || ! $spot->isBlockedBelow() && $up <= $down;

        return new self($point, $fromBelow
            ? sprintf('Straight from the strip over the floor, %.2f m.', $up)
            : sprintf('Straight from the strip under the ceiling, %.2f m.', $down), false);
    }

    private static function toWhatIsSeen(WiredPoint $point, WallSpot $spot): self
    {
        if (self::isSeen($point)) {
            return new self($point, match (true) {
                $spot->isBlockedAbove() => "From below: the {$spot->openingKind()} is over it.",
                $spot->isBlockedBelow() => "From above: the {$spot->openingKind()} is under it.",
                default => 'Straight up or down.',
            }, false);
        }
        $isByACorner = array_filter($spot->edges, static fn (array $edge): bool => $edge[0] === 'corner'
            && abs($edge[1]) <= self::NEAR_AN_EDGE_M + self::SAME_M) !== [];

        return $isByACorner || $spot->ceiling - $spot->height <= self::NEAR_AN_EDGE_M + self::SAME_M
            ? new self($point, 'Along the edge of the wall.', false)
            : new self(
                $point,
                'Nothing will be seen of its end: give it a plate, or bring it within 0.15 m of the ceiling or a corner.',
                true,
            );
    }

    /** Where something stays visible that tells of the cable. */
    private static function isSeen(WiredPoint $point): bool
    {
        $purpose = PointPurpose::tryFrom(mb_strtolower($point->purpose));

        return $purpose !== PointPurpose::Spare && $purpose !== PointPurpose::LightingFeed;
    }

    /** The shortest way into a strip. */
    private static function nearest(WallSpot $spot): string
    {
        $moves = [];
        foreach ($spot->edges as [$what, $away]) {
            $by = self::away(abs($away), self::EDGE_STRIP_M);
            $moves[] = [$by, sprintf('move it %.2f m, to the strip beside the %s.', $by, $what)];
        }
        foreach ([
            'over the floor' => self::FLOOR_STRIP_M,
            'under the ceiling' => [$spot->ceiling - self::CEILING_STRIP_M[1], $spot->ceiling - self::CEILING_STRIP_M[0]],
        ] as $where => [$low, $high]) {
            $by = self::away($spot->height, [$low, $high]);
            $moves[] = [$by, sprintf('move it %.2f m %s, to the strip %s.', $by, $spot->height < $low ? 'up' : 'down', $where)];
        }
        usort($moves, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $moves[0][1];
    }

    /** @param array{float, float} $strip that it lies outside of */
    private static function away(float $metres, array $strip): float
    {
        return max($strip[0] - $metres, $metres - $strip[1]);
    }

    /** @param array{float, float} $strip */
    private static function isWithin(float $metres, array $strip): bool
    {
        return $metres >= $strip[0] - self::SAME_M && $metres <= $strip[1] + self::SAME_M;
    }
}
