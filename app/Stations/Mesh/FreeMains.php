<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Stations\JobSheet;
use App\Stations\SlotCard;
use Kavvel\Core\Mesh\RelayAdvice;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Radio\RadioEnd;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Vec3;
use LogicException;

/**
 * Points with mains and no slot: where a relay could be plugged in.
 *
 * @phpstan-type Remedy array{point: string, room: string, storey: string, purpose: string, distanceM: float, gains: list<string>, nowThin: int, nowLost: int, thenThin: int, thenLost: int}
 */
final readonly class FreeMains
{
    /** @return list<RadioEnd> */
    public static function places(JobSheet $sheet, Transceiver $radio): array
    {
        $taken = array_filter(array_map(static fn (SlotCard $card): ?int => $card->slot->point_id, $sheet->cards));
        $places = [];
        foreach ($sheet->geometry->points as $point) {
            if ($point['mains'] && ! in_array($point['id'], $taken, true)) {
                $places[] = new RadioEnd('point '.$point['key'], new Vec3($point['x'], $point['y'], $point['z']), $radio, 0.0, Role::Router);
            }
        }

        return $places;
    }

    /** @return Remedy */
    public static function describe(JobSheet $sheet, RelayAdvice $advice): array
    {
        $key = substr($advice->place, strlen('point '));
        foreach ($sheet->geometry->points as $point) {
            if ($point['key'] === $key) {
                $room = $sheet->geometry->rooms[$point['room']];

                return [
                    'point' => $key, 'room' => $room['name'], 'storey' => $room['storey'], 'purpose' => $point['purpose'], 'distanceM' => $advice->distanceM, 'gains' => $advice->gains(),
                    'nowThin' => $advice->now->count(Verdict::Thin), 'nowLost' => $advice->now->count(Verdict::Lost),
                    'thenThin' => $advice->withIt->count(Verdict::Thin), 'thenLost' => $advice->withIt->count(Verdict::Lost),
                ];
            }
        }

        throw new LogicException("There is no point {$key}.");
    }
}
