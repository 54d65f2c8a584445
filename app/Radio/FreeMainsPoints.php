<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Vec3;

/** Points with mains and no slot: where a relay could be plugged in. */
final readonly class FreeMainsPoints
{
    /** Keeps a point's key apart from the keys of slots */
    public const PREFIX = 'point ';

    /** @return list<RadioEnd> */
    public static function places(JobSheet $sheet, Transceiver $radio): array
    {
        $taken = array_filter(array_map(static fn (SlotCard $card): ?int => $card->slot->point_id, $sheet->cards));
        $places = [];
        foreach ($sheet->geometry->points as $point) {
            if ($point['mains'] && ! in_array($point['id'], $taken, true)) {
                $places[] = new RadioEnd(
                    self::PREFIX.$point['key'],
                    new Vec3($point['x'], $point['y'], $point['z']),
                    $radio,
                    0.0,
                    Role::Router,
                );
            }
        }

        return $places;
    }
}
