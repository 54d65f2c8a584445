<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Cli\Input;
use Kavvel\Core\Radio\Transceiver;

/** A kind of device: what it can do, how it is powered, paired and left, and what it needs said of it. */
final readonly class Profile
{
    public const PROTOCOLS = ['zigbee', 'zwave', 'thread', 'matter', 'wifi', 'bluetooth', 'ir', 'rf', 'wired'];

    /**
     * @param  list<string>  $capabilities
     * @param  bool  $removable  a router that can vanish: a lamp behind a wall switch, a plug
     * @param  bool  $vital  lock, smoke or leak device: a thin link is a snag
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $model,
        public string $protocol,
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
    ) {}

    public static function fromInput(Input $input, string $region = 'EU'): self
    {
        $protocol = $input->get('protocol')->word(self::PROTOCOLS);
        $radio = Transceiver::of($protocol, $region);
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
        );
    }

    /** Two letters, in one plain chip everywhere. */
    public static function tag(string $protocol): string
    {
        return match ($protocol) {
            'zigbee' => 'ZB', 'zwave' => 'ZW', 'thread' => 'TH', 'matter' => 'MT', 'wifi' => 'WF',
            'bluetooth' => 'BT', 'ir' => 'IR', 'rf' => 'RF', default => 'WB',
        };
    }

    public static function protocolName(string $protocol): string
    {
        return match ($protocol) {
            'zigbee' => 'Zigbee', 'zwave' => 'Z-Wave', 'thread' => 'Thread', 'matter' => 'Matter', 'wifi' => 'Wi-Fi',
            'bluetooth' => 'Bluetooth LE', 'ir' => 'Infrared', 'rf' => '433 MHz', default => 'Wired bus',
        };
    }

    /** Something a person can switch from the gateway, so that the hub rung can be tried by a command. */
    public function isActuator(): bool
    {
        return array_intersect($this->capabilities, ['on-off', 'level', 'cover', 'lock', 'valve', 'siren']) !== [];
    }
}
