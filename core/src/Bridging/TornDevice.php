<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Protocol\Protocol;

/** A device whose paths begin at two boxes over a radio that joins one network only: it can be in one of them. */
final readonly class TornDevice
{
    /** @param list<string> $boxes names */
    private function __construct(public string $device, public array $boxes) {}

    /**
     * @param  list<Path>  $paths
     * @return list<self> in the order of the paths
     */
    public static function among(array $paths): array
    {
        $boxes = [];
        foreach ($paths as $path) {
            $protocol = Protocol::tryFrom($path->way->start);
            if ($protocol !== null && PlacedDevice::joinsOnce($protocol) && $path->way->legs !== []) {
                $box = $path->way->legs[0]->box;
                $boxes[" {$path->want->device}"][$box->id] = $box->name;
            }
        }
        $torn = [];
        foreach ($boxes as $device => $names) {
            if (count($names) > 1) {
                $torn[] = new self(substr($device, 1), array_values($names));
            }
        }

        return $torn;
    }
}
