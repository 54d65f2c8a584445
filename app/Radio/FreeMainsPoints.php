<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Plan\Geometry;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Vec3;

/**
 * Points with mains and no slot: where a relay could be plugged in.
 *
 * @phpstan-import-type PointRow from Geometry
 */
final readonly class FreeMainsPoints
{
    /** Keeps a point's key apart from the keys of slots */
    public const PREFIX = 'point ';

    /** @return list<RadioEnd> */
    public static function places(JobSheet $sheet, Transceiver $radio): array
    {
        return array_values(array_map(static fn (array $point): RadioEnd => new RadioEnd(
            self::PREFIX.$point['key'],
            new Vec3($point['x'], $point['y'], $point['z']),
            $radio,
            0.0,
            Role::Router,
        ), self::points($sheet)));
    }

    /** @return array<string, string> in the middle of a sentence, by key of the point: "socket in the pantry" */
    public static function words(JobSheet $sheet): array
    {
        $words = [];
        foreach (self::points($sheet) as $point) {
            $words[$point['key']] = self::where($sheet, $point);
        }
        asort($words);

        return $words;
    }

    /** @param PointRow $point */
    public static function where(JobSheet $sheet, array $point): string
    {
        return "{$point['purpose']} in the ".mb_strtolower($sheet->geometry->rooms[$point['room']]['name']);
    }

    /** @return array<int, PointRow> */
    private static function points(JobSheet $sheet): array
    {
        $taken = array_filter(array_map(static fn (SlotCard $card): ?int => $card->slot->point_id, $sheet->cards));

        return array_filter(
            $sheet->geometry->points,
            static fn (array $point): bool => $point['mains'] && ! in_array($point['id'], $taken, true),
        );
    }
}
