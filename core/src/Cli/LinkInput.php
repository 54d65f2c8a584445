<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\RadioDefaults;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\LinkBudget;
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Floor;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\WallSegment;

/** The radio and the building of `link`, which `forecast` and `place` share: one radio for both ends of every link. */
final readonly class LinkInput
{
    private const LEAST_CORNERS = 3;

    public Building $building;

    public Clutter $clutter;

    public Transceiver $sender;

    public Transceiver $receiver;

    /** Of both ends together, in dB */
    public float $mountingDb;

    public function __construct(Input $input)
    {
        $frequency = $input->get('frequencyMHz')->positive();
        $this->building = new Building(
            array_map(fn (Input $wall): WallSegment => $this->wall($wall, $frequency), $input->find('walls')?->items() ?? []),
            array_map(fn (Input $floor): Floor => $this->floor($floor, $frequency), $input->find('floors')?->items() ?? []),
        );
        $this->clutter = new Clutter(
            $input->find('clutterConstantDb')?->number() ?? Clutter::CONSTANT_DB,
            $input->find('clutterPerMetreDb')?->number() ?? Clutter::DB_PER_METRE,
        );
        $sensitivity = $input->get('sensitivityDbm')->number();
        $tx = $input->get('txDbm')->number();
        $gainTx = $input->find('gainTxDbi')?->number() ?? RadioDefaults::GAIN_DBI;
        $gainRx = $input->find('gainRxDbi')?->number() ?? RadioDefaults::GAIN_DBI;
        $this->sender = new Transceiver($frequency, $tx, $sensitivity, $gainTx);
        $this->receiver = new Transceiver($frequency, $tx, $sensitivity, $gainRx);
        $this->mountingDb = $input->find('mountingDb')?->number() ?? 0.0;
    }

    public function budget(): LinkBudget
    {
        return new LinkBudget($this->building, $this->clutter);
    }

    public static function place(Input $place): Vec3
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
