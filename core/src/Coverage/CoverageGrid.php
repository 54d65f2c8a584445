<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\LinkBudget;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Sectors;
use Kavvel\Core\Site\Vec3;

/** What a sender would reach: the link margin at the middle of each cell of an area. */
final readonly class CoverageGrid
{
    /**
     * @return list<list<float>> margins in dB, row by row from the least y up, each from the least x up
     */
    public static function margins(
        Building $building,
        Clutter $clutter,
        Vec3 $from,
        Area $area,
        Transceiver $sender,
        Transceiver $receiver,
        float $mountingDb,
    ): array {
        $sectors = new Sectors($building, $from);
        $margins = [];
        for ($row = 0; $row < $area->rows; $row++) {
            $line = [];
            foreach ($area->row($row) as $cell) {
                $budget = new LinkBudget($sectors->towards($cell), $clutter);
                $line[] = $budget->forecast($from, $cell, $sender, $receiver, $mountingDb)->marginDb;
            }
            $margins[] = $line;
        }

        return $margins;
    }
}
