<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/**
 * Which stretches each wall stands on. A wall is drawn in the middle of its layers: between two rooms that is their common
 * edge, to the open it may lie outside by half of what it is thicker than the thinnest. Of lines that lie close together each
 * wall takes the one that it fits best, and no stretch is stood on twice.
 */
final readonly class Footing
{
    /** A wall fits its line to this, in metres */
    private const FITS_M = 0.03;

    /** Where none fits, outlines were drawn to the face of the walls: this much more than half a wall, in metres */
    private const LOOSE_M = 0.1;

    /** @param array<string, list<Stretch>> $under by key of the wall */
    private function __construct(private array $under) {}

    /** @param iterable<PlanWall> $walls */
    public static function of(Stretches $stretches, iterable $walls): self
    {
        $pairs = [];
        foreach ($walls as $wall) {
            if ($wall->length() < Shape::SAME_M) {
                continue;
            }
            $line = $wall->line();
            foreach ($stretches->all as $number => $stretch) {
                $gap = $stretch->line->isParallelTo($line) ? self::gap($wall, $stretch) : INF;
                if ($gap <= $wall->thickness() / 2 + self::LOOSE_M && self::isAlong($wall, $stretch)) {
                    $pairs[] = [$gap, $wall, $number, $stretch];
                }
            }
        }
        usort($pairs, static fn (array $a, array $b): int => [$a[0] > self::FITS_M, self::uncovered($a[1], $a[3]), $a[0]]
            <=> [$b[0] > self::FITS_M, self::uncovered($b[1], $b[3]), $b[0]]);

        return new self(self::chosen($pairs));
    }

    /** @return list<Stretch> */
    public function under(PlanWall $wall): array
    {
        return $this->under["wall {$wall->key}"] ?? [];
    }

    /**
     * @param  list<array{float, PlanWall, int, Stretch}>  $pairs  the best first
     * @return array<string, list<Stretch>>
     */
    private static function chosen(array $pairs): array
    {
        $under = [];
        $taken = [];
        foreach ($pairs as [$gap, $wall, $number, $stretch]) {
            $own = $under["wall {$wall->key}"] ?? [];
            [$from, $to] = self::extent($wall, $stretch);
            $isElsewhere = array_filter($own, static fn (Stretch $one): bool => ! $one->line->isSameAs($stretch->line)
                && $one->overlap($stretch->from, $stretch->to) > Shape::SAME_M);
            $isTaken = array_filter($taken[$number] ?? [], static fn (array $other): bool => min($to, $other[1]) - max($from, $other[0])
                > min($to - $from, $other[1] - $other[0]) / 2);
            if ($isElsewhere === [] && $isTaken === [] && ($gap <= self::FITS_M || $own === [] || self::isLoose($own, $wall))) {
                $under["wall {$wall->key}"][] = $stretch;
                $taken[$number][] = [$from, $to];
            }
        }

        return $under;
    }

    /** @param list<Stretch> $own whether the wall fits none of its stretches, and so may stand on more of the kind */
    private static function isLoose(array $own, PlanWall $wall): bool
    {
        return self::gap($wall, $own[0]) > self::FITS_M;
    }

    /** How far the wall lies from where it would be drawn on the stretch. */
    private static function gap(PlanWall $wall, Stretch $stretch): float
    {
        $off = $stretch->line->offOf($wall->from);
        if ($stretch->isInner()) {
            return abs($off);
        }
        $outside = $off * $stretch->outward();

        return max(-$outside, $outside - max(0.0, $wall->thickness() - PlanWall::THINNEST_M) / 2, 0.0);
    }

    private static function isAlong(PlanWall $wall, Stretch $stretch): bool
    {
        [$from, $to] = self::extent($wall, $stretch);
        $covered = $stretch->overlap($from, $to);

        return $covered > Shape::SAME_M && ($covered > $stretch->length() / 2 || $covered > ($to - $from) / 2);
    }

    /** How much of the two is not common to them. */
    private static function uncovered(PlanWall $wall, Stretch $stretch): float
    {
        [$from, $to] = self::extent($wall, $stretch);

        return max($stretch->length(), $to - $from) - $stretch->overlap($from, $to);
    }

    /** @return array{float, float} of the wall along the line of the stretch */
    private static function extent(PlanWall $wall, Stretch $stretch): array
    {
        $ends = [$stretch->line->along($wall->from), $stretch->line->along($wall->to)];

        return [min($ends), max($ends)];
    }
}
