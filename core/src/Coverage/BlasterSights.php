<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Radio\Sight;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Vec3;

/** From which places an infrared blaster would see which devices. */
final readonly class BlasterSights
{
    /** A blaster stands on a shelf or a cupboard: this high over the floor, in metres (assumption) */
    public const SHELF_M = 1.2;

    /** Points that have a surface, or a wall to stand against, beside their power */
    private const PURPOSES = ['socket', 'shelf'];

    /**
     * @param  array<string, Vec3>  $places  of blasters
     * @param  array<array-key, Vec3>  $devices
     */
    public function __construct(private Building $building, public array $places, public array $devices) {}

    public static function mayStandAt(string $purpose, bool $hasMains): bool
    {
        return $hasMains && in_array($purpose, self::PURPOSES, true);
    }

    /** @param float $floor elevation of the storey, in metres */
    public static function over(Vec3 $point, float $floor): Vec3
    {
        return new Vec3($point->x, $point->y, max($point->z, $floor + self::SHELF_M));
    }

    /** The fewest places from which all devices are seen that can be. */
    public function fewest(): RelayPlan
    {
        $seen = [];
        foreach (array_keys($this->places) as $place) {
            $free = array_filter($this->from((string) $place), static fn (Sight $sight): bool => $sight->isFree());
            $seen[$place] = array_map(strval(...), array_keys($free));
        }

        return FewestPlaces::of($seen, array_map(strval(...), array_keys($this->devices)));
    }

    /** @return array<array-key, Sight> by device */
    public function from(string $place): array
    {
        return isset($this->places[$place])
            ? array_map(fn (Vec3 $device): Sight => Sight::between($this->building, $this->places[$place], $device), $this->devices)
            : [];
    }
}
