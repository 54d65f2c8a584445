<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;
use Kavvel\Core\Radio\Reporting;
use Kavvel\Core\Radio\Transceiver;

/** A kind of device: what it can do, how it is powered, paired and left, and what it needs said of it. */
final readonly class Profile
{
    /**
     * @param  list<string>  $capabilities
     * @param  bool  $removable  a router that can vanish: a lamp behind a wall switch, a plug
     * @param  bool  $vital  lock, smoke or leak device: a thin link is a snag
     * @param  Region|null  $region  Z-Wave region that it is made for, where its box says one
     * @param  bool  $longRange  Z-Wave Long Range: straight to the controller, no mesh
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $model,
        public Protocol $protocol,
        public bool $isRouter,
        public bool $removable,
        public bool $secure,
        public bool $vital,
        public string $power,
        public array $capabilities,
        public ?Battery $battery,
        public ?Recipe $recipe,
        public string $caution,
        public ?Transceiver $radio,
        public ?Region $region = null,
        public bool $longRange = false,
        public ?Reporting $reporting = null,
    ) {}

    public static function fromInput(Input $input, Region $region = Region::Eu): self
    {
        $protocol = Protocol::from($input->get('protocol')->word(Protocol::words()));
        $madeFor = $input->find('region') === null ? null : Region::from($input->get('region')->word(Region::words()));
        $longRange = $protocol->rules()->hasLongRange() && ($input->find('longRange')?->flag() ?? false);
        $at = $madeFor ?? $region;
        $radio = ($longRange ? Transceiver::longRange($protocol, $at) : null) ?? Transceiver::of($protocol, $at);
        $own = $input->find('radio');

        return new self(
            $input->get('key')->id(),
            $input->get('name')->text(),
            $input->get('model')->text(),
            $protocol,
            $input->get('role')->word(['router', 'end']) === 'router',
            $input->find('removable')?->flag() ?? false,
            $input->find('secure')?->flag() ?? false,
            $input->find('vital')?->flag() ?? false,
            $input->get('power')->word(['mains', 'battery', 'bus']),
            array_map(static fn (Input $capability): string => $capability->text(), $input->get('capabilities')->items()),
            $input->find('battery') === null ? null : Battery::fromInput($input->get('battery')),
            $input->find('recipe') === null ? null : Recipe::fromInput($input->get('recipe')),
            $input->find('caution')?->text() ?? '',
            $radio === null || $own === null ? $radio : new Transceiver(
                $radio->frequencyMHz,
                $own->find('txDbm')?->number() ?? $radio->txDbm,
                $own->find('sensitivityDbm')?->number() ?? $radio->sensitivityDbm,
                $own->find('gainDbi')?->number() ?? $radio->gainDbi,
            ),
            $madeFor,
            $longRange,
            $input->find('reports') === null ? null : Reporting::fromInput($input->get('reports')),
        );
    }

    /** Whether a controller of this region can ever hear it. */
    public function suits(Region $region): bool
    {
        return ! $this->protocol->rules()->hasRegions() || $this->region === null || $this->region === $region;
    }

    /** Made to relay, and stays where it is. */
    public function isMadeToRelay(): bool
    {
        return $this->isRouter && ! $this->removable && in_array('relay', $this->capabilities, true);
    }

    /** Whether a thin link of it is a snag: relays, locks, smoke and leak devices. */
    public function needsSoundLink(): bool
    {
        return $this->isRouter || $this->secure || $this->vital;
    }

    /** Something a person can switch from the gateway, so that the hub rung can be tried by a command. */
    public function isActuator(): bool
    {
        return array_intersect($this->capabilities, ['on-off', 'level', 'cover', 'lock', 'valve', 'siren']) !== [];
    }
}
