<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Radio\Material;

/** Reads storeys and walls as the job file writes them. */
final readonly class BuildingReader
{
    /** Any frequency will do to find out whether a material is known */
    private const SOME_MHZ = 2440.0;

    /**
     * @param  list<Input>  $storeys
     * @param  list<Input>  $walls
     */
    public static function building(array $storeys, array $walls): Building
    {
        $elevations = [];
        $floors = [];
        foreach ($storeys as $storey) {
            $elevations[$storey->get('key')->id()] = $storey->get('elevation')->number();
            $layers = self::layers($storey->get('floorLayers'));
            if ($layers !== []) {
                $floors[] = new Floor($storey->get('elevation')->number(), self::outline($storey->get('outline')), $layers, 'floor of '.$storey->get('name')->text());
            }
        }
        $segments = [];
        foreach ($walls as $wall) {
            $storey = $wall->get('storey');
            $bottom = $elevations[$storey->id()] ?? throw InvalidInput::unknownId($storey->id(), $storey->at);
            $segments = [...$segments, ...self::wall($wall, $bottom)->segments()];
        }

        return new Building($segments, $floors);
    }

    public static function wall(Input $wall, float $bottom): Wall
    {
        $read = new Wall(
            self::point($wall->get('from')),
            self::point($wall->get('to')),
            $bottom,
            $bottom + $wall->get('height')->positive(),
            self::layers($wall->get('layers')),
            array_map(self::opening(...), $wall->get('openings')->items()),
            $wall->get('label')->text(),
        );
        foreach ($read->openings as $number => $opening) {
            if ($opening->offset + $opening->width > $read->length() + 1e-6) {
                throw InvalidInput::outOfRange($wall->get('openings')->at."[{$number}]", sprintf('inside its wall of %.2f m', $read->length()));
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

    private static function opening(Input $opening): Opening
    {
        return new Opening(
            $opening->get('kind')->text(),
            $opening->get('offset')->numberFrom(0),
            $opening->get('width')->positive(),
            $opening->get('sill')->numberFrom(0),
            $opening->get('head')->positive(),
            self::layers($opening->get('layers')),
        );
    }

    /** @return list<Layer> */
    private static function layers(Input $layers): array
    {
        return array_map(static function (Input $layer): Layer {
            $material = $layer->get('material');
            Material::named($material->text(), self::SOME_MHZ, $material->at);

            return new Layer($material->text(), $layer->get('thickness')->numberFrom(0));
        }, $layers->items());
    }
}
