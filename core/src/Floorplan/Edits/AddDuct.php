<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Duct;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\FreeKey;
use Kavvel\Core\Floorplan\Places;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;

/** A way for cables: along a storey, or up through storeys. */
final readonly class AddDuct implements Edit
{
    private const SHORTEST_M = 0.1;

    /** @param list<array{float, float, float}> $path */
    public function __construct(private string $name, private array $path) {}

    /** A riser goes from the floor of its lowest storey to the ceiling of its highest. */
    public static function riser(string $name, float $x, float $y, string $from, string $to, Plan $plan): self
    {
        [$a, $b] = [$plan->storey($from), $plan->storey($to)];
        [$low, $high] = $a->elevation <= $b->elevation ? [$a, $b] : [$b, $a];

        return new self($name, [[$x, $y, $low->elevation], [$x, $y, $high->elevation + $high->height]]);
    }

    /**
     * @param  string  $path  places as x and y: "1.0,2.0 4.5,2.0"
     * @param  float  $height  over the floor of the storey
     */
    public static function along(string $name, string $path, string $storey, float $height, Plan $plan): self
    {
        $z = round($plan->storey($storey)->elevation + $height, 3);
        $places = array_map(static fn (array $place): array => [$place[0], $place[1], $z], Places::read($path));

        return new self($name, $places);
    }

    public function apply(Plan $plan): Plan
    {
        $duct = new Duct(FreeKey::named($this->name, 'duct', $plan->ducts), $this->name, $this->path);
        if (count($this->path) < 2 || $duct->length() < self::SHORTEST_M) {
            throw PlanRefused::outOfRange('path', 'A duct leads from one place to another: touch two at least.');
        }

        return $plan->with(ducts: array_replace($plan->ducts, [$duct->key => $duct]));
    }

    public function key(Plan $before): string
    {
        return FreeKey::named($this->name, 'duct', $before->ducts);
    }

    public function words(Plan $before): string
    {
        return "drew the duct “{$this->name}”";
    }
}
