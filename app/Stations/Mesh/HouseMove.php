<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\JobSheet;
use App\Plan\Lens;
use App\Plan\LensLink;
use App\Radio\HouseCalibration;
use App\Radio\MeasuredMesh;
use App\Stations\Move;

/** The plan against what was measured: the clutter that the house has, and what the plan does not show. */
final readonly class HouseMove
{
    /** What was asked for by this word */
    public const SHOW = 'house';

    public static function of(JobSheet $sheet): Move
    {
        $house = HouseCalibration::of($sheet);
        $hub = LensLink::hub($sheet->hubs[0]->key());
        $end = static fn (string $key): string => $key === MeasuredMesh::ROOT ? $hub : $key;
        $links = [];
        foreach ($house->hidden() as [$path, $obstacle]) {
            $links[] = LensLink::hidden($end($path->pair->a->key), $end($path->pair->b->key), $obstacle->worseDb);
        }

        return new Move(
            'mesh.house',
            static fn (): array => [
                'house' => $house,
                'title' => static fn (string $key): string => $sheet->card($key)?->slot->title() ?? 'hub',
            ],
            new Lens($links),
        );
    }
}
