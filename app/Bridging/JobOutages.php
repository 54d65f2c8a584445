<?php

declare(strict_types=1);

namespace App\Bridging;

use App\Models\MeshReading;
use App\Radio\MeasuredMesh;
use App\Radio\MeshMembers;
use Kavvel\Core\Bridging\Outage;

/** What of a job stops without the internet, the power, a box, or a device that others reach their hub through. */
final readonly class JobOutages
{
    /** @return list<Outage> */
    public static function of(JobBridging $bridging): array
    {
        return Outage::all($bridging->household, $bridging->plan(), self::strands($bridging));
    }

    /**
     * What the last reading of each radio says is cut off without one device. One that is older than its devices says nothing.
     *
     * @return array<string, list<string>>
     */
    private static function strands(JobBridging $bridging): array
    {
        $strands = [];
        foreach (MeshReading::lastOf($bridging->sheet->job) as $reading) {
            if (MeshMembers::age($reading->members, $reading->hub_at, $bridging->sheet, $reading->protocol)->isStale()) {
                continue;
            }
            foreach (MeasuredMesh::of($bridging->sheet, $reading)->report->singlePoints as $point) {
                if ($bridging->sheet->card($point->id) !== null) {
                    $strands[" {$point->id}"] = $point->strands;
                }
            }
        }

        return $strands;
    }
}
