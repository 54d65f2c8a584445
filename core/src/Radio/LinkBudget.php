<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Vec3;

/** The link budget of a straight line through a building: transmit power less everything on the way. */
final readonly class LinkBudget
{
    /** Nearer than this the free-space formula no longer holds */
    private const NEAREST_M = 0.5;

    public function __construct(private Building $building, private Clutter $clutter = new Clutter) {}

    /** Free-space loss in dB (ITU-R P.525), distance in metres. */
    public static function freeSpaceDb(float $distanceM, float $frequencyMHz): float
    {
        return 20 * log10(max(self::NEAREST_M, $distanceM)) + 20 * log10($frequencyMHz) - 27.55;
    }

    /** From a sender to a receiver; mounting is the sum of both ends in dB. */
    public function forecast(Vec3 $from, Vec3 $to, Transceiver $sender, Transceiver $receiver, float $mountingDb = 0.0): LinkForecast
    {
        $distance = $from->distanceTo($to);
        $freeSpace = self::freeSpaceDb($distance, $sender->frequencyMHz);
        $clutter = $this->clutter->lossDb($distance);
        $crossed = [];
        $solid = 0.0;
        foreach ($this->building->crossings($from, $to) as $crossing) {
            $loss = CrossingLoss::at($crossing, $sender->frequencyMHz);
            $crossed[] = $loss;
            $solid += $loss->lossDb;
        }
        $rssi = $sender->txDbm + $sender->gainDbi + $receiver->gainDbi - $freeSpace - $solid - $clutter - $mountingDb;

        return new LinkForecast($distance, $freeSpace, $clutter, $mountingDb, $rssi, $rssi - $receiver->sensitivityDbm, $crossed);
    }
}
