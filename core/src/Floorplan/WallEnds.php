<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Opening;

/**
 * Where walls end that meet: one that ends at another ends at its face; of two that make a corner the level one closes it.
 * No part of the plan is wall twice.
 */
final readonly class WallEnds
{
    /** Walls that are thick or lie outside their edge meet this far from where their edges do, in metres */
    private const REACH_M = 0.4;

    /** @param list<PlanWall> $walls of the storey */
    public function __construct(private array $walls) {}

    /** @throws PlanRefused where its openings no longer fit */
    public function fitted(PlanWall $wall): PlanWall
    {
        $line = $wall->line();
        $from = Shape::millimetres($this->end($wall, $line, $line->along($wall->from), -1));
        $to = Shape::millimetres($this->end($wall, $line, $line->along($wall->to), 1));
        // Between walls that are thicker than it is long it is left as it is.
        if (min($to, $line->along($wall->to)) - max($from, $line->along($wall->from)) < $wall->length() / 2) {
            [$from, $to] = [$line->along($wall->from), $line->along($wall->to)];
        }
        $fitted = new PlanWall(
            $wall->key,
            $wall->storey,
            $wall->label,
            $line->at($from),
            $line->at($to),
            $wall->height,
            $wall->layers,
            [],
        );
        $shift = $from - $line->along($wall->from);

        return $fitted->withOpenings(array_map(
            static fn (Opening $opening): Opening => self::held($opening, $opening->offset - $shift, $fitted),
            $wall->openings,
        ));
    }

    /** An opening at its place, or as near to it as its wall lets it be. */
    private static function held(Opening $opening, float $offset, PlanWall $wall): Opening
    {
        if ($opening->width > $wall->length() + Shape::SAME_M) {
            throw PlanRefused::openingFindsNoWall($opening, $wall->label);
        }
        $width = min($opening->width, $wall->length());

        return new Opening(
            $opening->kind,
            max(0.0, min(Shape::millimetres($offset), $wall->length() - $width)),
            $width,
            $opening->sill,
            $opening->head,
            $opening->layers,
        );
    }

    /** @param int $way 1 at the end that lies further along the line */
    private function end(PlanWall $wall, Line $line, float $end, int $way): float
    {
        $onPlus = $onMinus = null;
        $reach = min(self::REACH_M, $wall->length() / 2);
        foreach ($this->walls as $other) {
            if ($other->key === $wall->key || $other->length() < Shape::SAME_M) {
                continue;
            }
            $crossing = $line->crossing($other->line());
            if ($crossing === null) {
                if ($this->goesOn($wall, $line, $end, $way, $other)) {
                    return $end;
                }

                continue;
            }
            if (abs($crossing - $end) > $reach || $other->layers === []) {
                continue;
            }
            $sides = [$line->offOf($other->from), $line->offOf($other->to)];
            if (min($sides) < self::REACH_M && max($sides) > -self::REACH_M) {
                $face = [$crossing, $other->thickness() / 2];
                $onPlus = max($sides) > self::REACH_M ? $face : $onPlus;
                $onMinus = min($sides) < -self::REACH_M ? $face : $onMinus;
            }
        }
        $meets = $onPlus ?? $onMinus;
        if ($meets === null) {
            return $end;
        }
        $isCorner = $onPlus === null || $onMinus === null;

        return $meets[0] + $way * $meets[1] * ($isCorner && $line->isLevel() ? 1 : -1);
    }

    /** The same wall in another room: nothing ends here. */
    private function goesOn(PlanWall $wall, Line $line, float $end, int $way, PlanWall $other): bool
    {
        if (abs($line->offOf($other->from)) > ($wall->thickness() + $other->thickness()) / 2) {
            return false;
        }
        $ends = [$line->along($other->from), $line->along($other->to)];
        $near = $way > 0 ? min($ends) : max($ends);
        $far = $way > 0 ? max($ends) : min($ends);

        return abs($near - $end) < self::REACH_M && ($far - $end) * $way > min(self::REACH_M, $other->length() / 2);
    }
}
