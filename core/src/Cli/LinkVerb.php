<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\RadioDefaults;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\Contention;
use Kavvel\Core\Radio\CrossingLoss;
use Kavvel\Core\Radio\LinkBudget;
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Radio\WifiNetwork;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Floor;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\WallSegment;

final readonly class LinkVerb implements Verb
{
    private const LEAST_CORNERS = 3;

    public function answer(Input $input): array
    {
        $frequency = $input->get('frequencyMHz')->positive();
        $building = new Building(
            array_map(fn (Input $wall): WallSegment => $this->wall($wall, $frequency), $input->find('walls')?->items() ?? []),
            array_map(fn (Input $floor): Floor => $this->floor($floor, $frequency), $input->find('floors')?->items() ?? []),
        );
        $clutter = new Clutter(
            $input->find('clutterConstantDb')?->number() ?? Clutter::CONSTANT_DB,
            $input->find('clutterPerMetreDb')?->number() ?? Clutter::DB_PER_METRE,
        );
        $sensitivity = $input->get('sensitivityDbm')->number();
        $tx = $input->get('txDbm')->number();
        $forecast = (new LinkBudget($building, $clutter))->forecast(
            $this->place($input->get('from')),
            $this->place($input->get('to')),
            new Transceiver($frequency, $tx, $sensitivity, $input->find('gainTxDbi')?->number() ?? RadioDefaults::GAIN_DBI),
            new Transceiver($frequency, $tx, $sensitivity, $input->find('gainRxDbi')?->number() ?? RadioDefaults::GAIN_DBI),
            $input->find('mountingDb')?->number() ?? 0.0,
        );

        return [
            'distanceM' => Decibels::rounded($forecast->distanceM),
            'freeSpaceDb' => Decibels::rounded($forecast->freeSpaceDb),
            'wallsDb' => Decibels::rounded($forecast->wallsDb()),
            'floorsDb' => Decibels::rounded($forecast->floorsDb()),
            'clutterDb' => Decibels::rounded($forecast->clutterDb),
            'rssiDbm' => Decibels::rounded($forecast->rssiDbm),
            'marginDb' => Decibels::rounded($forecast->marginDb),
            'word' => $forecast->word()->value,
            'contended' => Contention::isContended(
                $forecast->rssiDbm,
                $frequency,
                array_map($this->wifi(...), $input->find('wifi')?->items() ?? []),
            ),
            'crossed' => array_map(static fn (CrossingLoss $loss): array => [
                'kind' => $loss->crossing->kind,
                'index' => $loss->crossing->index,
                'lossDb' => Decibels::rounded($loss->lossDb),
                'extrapolated' => $loss->extrapolated,
            ], $forecast->crossed),
        ];
    }

    private function wifi(Input $network): WifiNetwork
    {
        $width = $network->get('widthMHz')->wholeFrom(20);
        if (! in_array($width, [20, 40], true)) {
            throw InvalidInput::outOfRange($network->get('widthMHz')->at, '20 or 40');
        }

        return new WifiNetwork(
            $network->get('centreMHz')->positive(),
            $width,
            $network->get('rssiDbm')->number(),
            $network->get('busy')->numberFrom(0),
        );
    }

    private function place(Input $place): Vec3
    {
        [$x, $y, $z] = $place->items(3);

        return new Vec3($x->number(), $y->number(), $z->number());
    }

    /** @return array{float, float} */
    private function point(Input $point): array
    {
        [$x, $y] = $point->items(2);

        return [$x->number(), $y->number()];
    }

    private function wall(Input $wall, float $frequencyMHz): WallSegment
    {
        $bottom = $wall->get('bottom')->number();
        $top = $wall->get('top')->number();
        if ($top < $bottom) {
            throw InvalidInput::outOfRange($wall->get('top')->at, 'no lower than the bottom');
        }

        return new WallSegment(
            $this->point($wall->get('from')),
            $this->point($wall->get('to')),
            $bottom,
            $top,
            $this->layers($wall, $frequencyMHz),
        );
    }

    private function floor(Input $floor, float $frequencyMHz): Floor
    {
        return new Floor(
            $floor->get('height')->number(),
            $this->outline($floor->get('outline')),
            $this->layers($floor, $frequencyMHz),
        );
    }

    /** @return list<array{float, float}> */
    private function outline(Input $outline): array
    {
        $corners = array_map($this->point(...), $outline->items());

        return count($corners) >= self::LEAST_CORNERS
            ? $corners
            : throw InvalidInput::outOfRange($outline->at, 'an outline of three corners or more');
    }

    /** @return list<Layer> */
    private function layers(Input $part, float $frequencyMHz): array
    {
        return array_map(static function (Input $layer) use ($frequencyMHz): Layer {
            $material = $layer->get('material');
            $isFlat = Material::named($material->text(), $frequencyMHz, $material->at)->isFlat();
            $thickness = $isFlat ? $layer->find('thickness') : $layer->get('thickness');

            return new Layer($material->text(), $thickness?->numberFrom(0) ?? 0.0);
        }, $part->get('layers')->items());
    }
}
