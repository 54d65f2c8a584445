<?php

declare(strict_types=1);

namespace Kavvel\Core\Closing;

use DateTimeImmutable;

/** What closes next stands first (RULES 9.2). */
final readonly class ClosingPlan
{
    /**
     * @param  list<Closing>  $closings
     * @param  list<PointProgress>  $points  that have a cable
     * @return list<ClosingState> those that are open by day, then the closed
     */
    public static function of(array $closings, array $points, DateTimeImmutable $today): array
    {
        $today = $today->setTime(0, 0);
        usort($closings, static fn (Closing $a, Closing $b): int => [$a->isClosed, $a->on, $a->key] <=> [$b->isClosed, $b->on, $b->key]);

        return array_map(static function (Closing $closing) use ($points, $today): ClosingState {
            $own = array_values(array_filter(
                $points,
                static fn (PointProgress $one): bool => in_array($one->room, $closing->rooms, true),
            ));
            usort($own, static fn (PointProgress $a, PointProgress $b): int => $a->isReady() <=> $b->isReady()
                ?: strnatcmp($a->label, $b->label));
            $served = array_map(static fn (PointProgress $one): string => $one->room, $own);

            return new ClosingState(
                $closing,
                $own,
                (int) $today->diff($closing->on->setTime(0, 0))->format('%r%a'),
                $closing->leadDays > 0 && $closing->orderBy() < $today,
                array_values(array_diff($closing->rooms, $served)),
            );
        }, $closings);
    }
}
