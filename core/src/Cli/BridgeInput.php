<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Closure;
use Kavvel\Core\Bridging\Box;
use Kavvel\Core\Bridging\Capability;
use Kavvel\Core\Bridging\Device;
use Kavvel\Core\Bridging\Ecosystem;
use Kavvel\Core\Bridging\House;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Core\Bridging\Removal;
use Kavvel\Core\Bridging\Want;
use Kavvel\Core\Catalogue\LinkSheet;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\Release;

/** The house and its wants, as the command line takes them. */
final readonly class BridgeInput
{
    public function __construct(private Input $input) {}

    public function house(): House
    {
        return new House(
            $this->all('capabilities', static fn (Input $one): Capability => new Capability(
                $one->get('id')->id(),
                Release::fromInput($one->find('matterSince')),
                $one->find('safety')?->flag() ?? false,
            )),
            $this->all('devices', self::device(...)),
            $this->all('boxes', self::box(...)),
            $this->all('ecosystems', self::ecosystem(...)),
        );
    }

    /** @return list<Want> */
    public function wants(): array
    {
        $devices = $this->ids('devices');
        $ecosystems = $this->ids('ecosystems');

        return array_map(static fn (Input $want): Want => new Want(
            self::known($want->get('device'), $devices),
            self::known($want->get('ecosystem'), $ecosystems),
            self::texts($want->get('needs')),
        ), $this->input->get('wants')->items());
    }

    private static function device(Input $device): Device
    {
        $id = $device->get('id')->id();

        return new Device(
            $id,
            $id,
            self::texts($device->get('capabilities')),
            self::texts($device->get('speaks')),
            Release::fromInput($device->find('matterRelease')),
            $device->find('safety')?->flag() ?? false,
            $device->find('fabricsUsed')?->wholeFrom(0) ?? 0,
            $device->find('fabricLimit')?->wholeFrom(0) ?? LinkSheet::FABRICS,
        );
    }

    private static function box(Input $box): Box
    {
        $id = $box->get('id')->id();

        return new Box(
            $id,
            $id,
            $box->find('owned')?->flag() ?? false,
            self::texts($box->get('accepts')),
            array_map(static fn (Input $offer): Offer => new Offer(
                $offer->get('as')->id(),
                Release::fromInput($offer->find('matterRelease')),
                $offer->find('drops') === null ? [] : self::texts($offer->get('drops')),
                $offer->find('cloud')?->flag() ?? false,
            ), $box->get('offers')->items()),
            Release::fromInput($box->find('matterRelease')),
            $box->find('latencyMs')?->numberFrom(0) ?? 0.0,
            $box->find('cost')?->numberFrom(0) ?? 0.0,
            $box->find('yearlyCost')?->numberFrom(0) ?? 0.0,
        );
    }

    private static function ecosystem(Input $ecosystem): Ecosystem
    {
        $id = $ecosystem->get('id')->id();

        return new Ecosystem(
            $id,
            $id,
            self::texts($ecosystem->get('accepts')),
            self::texts($ecosystem->get('knows')),
            Release::fromInput($ecosystem->find('matterRelease')),
            Removal::from($ecosystem->get('removal')->word(array_column(Removal::cases(), 'value'))),
        );
    }

    /**
     * @template T of object
     *
     * @param  Closure(Input): T  $read
     * @return list<T> no two with one id
     */
    private function all(string $key, Closure $read): array
    {
        $this->ids($key);

        return array_map($read, $this->input->get($key)->items());
    }

    /** @return array<string, true> each once */
    private function ids(string $key): array
    {
        $ids = [];
        foreach ($this->input->get($key)->items() as $item) {
            $id = $item->get('id')->id();
            if (isset($ids["id {$id}"])) {
                throw InvalidInput::duplicateId($id, $item->get('id')->at);
            }
            $ids["id {$id}"] = true;
        }

        return $ids;
    }

    /** @param array<string, true> $ids */
    private static function known(Input $id, array $ids): string
    {
        return isset($ids["id {$id->id()}"]) ? $id->id() : throw InvalidInput::unknownId($id->id(), $id->at);
    }

    /** @return list<string> */
    private static function texts(Input $list): array
    {
        return array_map(static fn (Input $one): string => $one->id(), $list->items());
    }
}
