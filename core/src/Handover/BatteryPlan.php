<?php

declare(strict_types=1);

namespace Kavvel\Core\Handover;

/** The batteries of a job by type of cell, each with the date on which the first is due. */
final readonly class BatteryPlan
{
    private const DAYS_A_YEAR = 365.25;

    /**
     * @param  list<BatteryUse>  $uses
     * @return list<BatteryRow> in order of the type
     */
    public static function of(array $uses): array
    {
        $types = [];
        foreach ($uses as $use) {
            $types[$use->battery->type][] = $use;
        }
        ksort($types, SORT_STRING);

        return array_map(self::row(...), array_map(strval(...), array_keys($types)), array_values($types));
    }

    /** @param non-empty-list<BatteryUse> $uses */
    private static function row(string $type, array $uses): BatteryRow
    {
        $shortest = null;
        $due = null;
        $cells = 0;
        foreach ($uses as $use) {
            $life = BatteryLife::forecast($use->battery);
            $ends = $use->since->modify(sprintf('+%d days', (int) round($life->years * self::DAYS_A_YEAR)));
            $shortest = $shortest === null || $life->years < $shortest->years ? $life : $shortest;
            $due = $due === null || $ends < $due ? $ends : $due;
            $cells += $use->battery->count;
        }

        return new BatteryRow($type, $cells, array_map(static fn (BatteryUse $use): string => $use->id, $uses), $shortest, $due);
    }
}
