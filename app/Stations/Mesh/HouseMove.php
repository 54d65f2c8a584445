<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\JobSheet;
use App\Plan\Lens;
use App\Plan\LensLink;
use App\Radio\HouseCalibration;
use App\Radio\MeasuredMesh;
use App\Stations\Move;
use Kavvel\Core\Coverage\RadioEnd;

/** The plan against what was measured: the clutter that the house has, and what the plan does not show. */
final readonly class HouseMove
{
    /** What was asked for by this word */
    public const SHOW = 'house';

    public static function of(JobSheet $sheet): Move
    {
        $house = HouseCalibration::of($sheet);
        $links = [];
        foreach ($house->hidden() as [$path, $obstacle]) {
            $hub = LensLink::hub($sheet->hub($path->pair->gatewayId)?->key() ?? '');
            $ends = array_map(
                static fn (RadioEnd $end): string => $end->key === MeasuredMesh::ROOT ? $hub : $end->key,
                [$path->pair->a, $path->pair->b],
            );
            $links[] = LensLink::hidden($ends[0], $ends[1], $obstacle->worseDb);
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
