<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** Reads storeys and walls as the job file writes them. */
final readonly class BuildingReader
{
    /** @param list<string> $materials names that a layer may have */
    public function __construct(private array $materials) {}

    /**
     * @param  list<Input>  $storeys
     * @param  list<Input>  $walls
     */
    public function building(array $storeys, array $walls): Building
    {
        $elevations = [];
        $floors = [];
        foreach ($storeys as $storey) {
            $elevations[$storey->get('key')->id()] = $storey->get('elevation')->number();
            $layers = $this->layers($storey->get('floorLayers'));
            if ($layers !== []) {
                $floors[] = new Floor(
                    $storey->get('elevation')->number(),
                    self::outline($storey->get('outline')),
                    $layers,
                    'floor of '.$storey->get('name')->text(),
                );
            }
        }
        $segments = [];
        foreach ($walls as $wall) {
            $storey = $wall->get('storey');
            $bottom = $elevations[$storey->id()] ?? throw InvalidInput::unknownId($storey->id(), $storey->at);
            $segments = [...$segments, ...$this->wall($wall, $bottom)->segments()];
        }

        return new Building($segments, $floors);
    }

    public function wall(Input $wall, float $bottom): Wall
    {
        $read = new Wall(
            self::point($wall->get('from')),
            self::point($wall->get('to')),
            $bottom,
            $bottom + $wall->get('height')->positive(),
            $this->layers($wall->get('layers')),
            array_map($this->opening(...), $wall->get('openings')->items()),
            $wall->get('label')->text(),
        );
        foreach ($read->openings as $number => $opening) {
            if ($opening->offset + $opening->width > $read->length() + 1e-6) {
                throw InvalidInput::outOfRange(
                    $wall->get('openings')->at."[{$number}]",
                    sprintf('inside its wall of %.2f m', $read->length()),
                );
            }
        }

        return $read;
    }

    /** @return list<array{float, float}> */
    public static function outline(Input $outline): array
    {
        $corners = array_map(self::point(...), $outline->items());
        if (count($corners) < 3 || (new Polygon($corners))->area() < 0.01) {
            throw InvalidInput::outOfRange($outline->at, 'an outline of three corners or more that encloses an area');
        }

        return $corners;
    }

    public static function place(Input $place): Vec3
    {
        [$x, $y, $z] = $place->items(3);

        return new Vec3($x->number(), $y->number(), $z->number());
    }

    /** @return array{float, float} */
    private static function point(Input $point): array
    {
        [$x, $y] = $point->items(2);

        return [$x->number(), $y->number()];
    }

    private function opening(Input $opening): Opening
    {
        return new Opening(
            $opening->get('kind')->text(),
            $opening->get('offset')->numberFrom(0),
            $opening->get('width')->positive(),
            $opening->get('sill')->numberFrom(0),
            $opening->get('head')->positive(),
            $this->layers($opening->get('layers')),
        );
    }

    /** @return list<Layer> */
    private function layers(Input $layers): array
    {
        return array_map(function (Input $layer): Layer {
            $material = $layer->get('material');
            if (! in_array($material->text(), $this->materials, true)) {
                throw UnknownMaterial::called($material->text(), $material->at);
            }

            return new Layer($material->text(), $layer->get('thickness')->numberFrom(0));
        }, $layers->items());
    }
}
