<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** Places on a plan as they are typed, or as touches are written down: "1.0,2.0 4.5,2.0", x and y in metres. */
final readonly class Places
{
    /**
     * @return list<array{float, float}>
     *
     * @throws PlanRefused
     */
    public static function read(string $text): array
    {
        $places = [];
        foreach (preg_split('/[\s;]+/', trim($text)) ?: [] as $place) {
            if (preg_match('/^(-?\d{1,3}(?:\.\d+)?),(-?\d{1,3}(?:\.\d+)?)$/', $place, $found) !== 1) {
                throw PlanRefused::outOfRange('path', 'Places are written as x and y in metres, such as “1.0,2.0 4.5,2.0”.');
            }
            $places[] = [Shape::millimetres((float) $found[1]), Shape::millimetres((float) $found[2])];
        }

        return $places;
    }
}
