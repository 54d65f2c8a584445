<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Protocol\Region;
use Kavvel\Core\Site\Vec3;

/** Looks over the radios of a plan for what no link budget shows: region, time on air, a disturber beside the antenna. */
final readonly class RadioCheck
{
    /** @param list<array{Disturber, Vec3}> $disturbers */
    public function __construct(private Region $region, private array $disturbers) {}

    /** @return list<RadioFinding> the gravest first */
    public function of(Antenna $antenna): array
    {
        $findings = [];
        if ($antenna->region !== null && $antenna->region !== $this->region && $antenna->hasRegion()) {
            $findings[] = RadioFinding::otherRegion($antenna, $antenna->region, $this->region);
        }
        if ($antenna->isDrownedAt2400MHz()) {
            foreach ($this->disturbers as [$disturber, $place]) {
                $distance = $antenna->position->distanceTo($place);
                if ($distance < $disturber->keepAwayM()) {
                    $findings[] = RadioFinding::tooNear($antenna, $disturber, $distance);
                }
            }
        }
        $duty = $antenna->radio === null ? null : DutyCycle::at($antenna->radio->frequencyMHz, $this->region);
        if ($antenna->radio !== null && $antenna->reporting !== null && $duty?->allows($antenna->reporting) === false) {
            $findings[] = RadioFinding::tooOften($antenna, $antenna->reporting, $duty, $antenna->radio->frequencyMHz);
        }

        return $findings;
    }
}
