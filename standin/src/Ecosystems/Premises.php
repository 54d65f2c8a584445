<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

use Kavvel\Core\Bridging\Act;
use Kavvel\Core\Bridging\BoxAtHand;
use Kavvel\Core\Bridging\BoxSheet;
use Kavvel\Core\Bridging\EcosystemAtHand;
use Kavvel\Core\Bridging\EcosystemSheet;
use Kavvel\Core\Bridging\House as Bridged;
use Kavvel\Core\Bridging\Household;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Core\Bridging\PlacedDevice;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\JobFile\SlotEntry;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Release;
use Kavvel\Standin\House\Device;

/** The ecosystems and boxes that there truly are, with the releases that truly run on them. */
final readonly class Premises
{
    /**
     * @param  array<string, BoxAtHand>  $boxes  by key
     * @param  array<string, BoxAtHand>  $bridges  devices that are boxes for what is behind them, by key of the device
     * @param  array<string, EcosystemAtHand>  $ecosystems  by key
     * @param  array<string, string>  $faults  what is wrong with what an ecosystem shows of a device, by both keys
     * @param  array<string, string>  $rooms  names by key
     * @param  array<string, string>  $firmware  of boxes, by key
     */
    private function __construct(
        public array $boxes,
        public array $bridges,
        public array $ecosystems,
        public Household $household,
        public Bridged $house,
        public ?string $hub,
        private array $faults,
        private array $rooms,
        private array $firmware,
    ) {}

    /** @param array<string, Device> $beside what the van holds, and what is not on the plan: once it is in, it is passed on as well */
    public static function read(JobFile $job, Input $file, Input $overlay, array $beside): self
    {
        $gateway = (string) array_key_first($job->gateways);
        $speaks = self::radios($file, $gateway);
        $sheets = [];
        foreach ($file->find('bridgeSheets')?->items() ?? [] as $sheet) {
            $sheets["{$sheet->get('of')->text()} {$sheet->get('key')->id()}"] = $sheet;
        }
        $boxes = $ecosystems = $firmware = [];
        $hub = null;
        foreach ($file->find('boxes')?->items() ?? [] as $row) {
            $key = $row->get('key')->id();
            $isHub = $row->find('gateway')?->id() === $gateway;
            $hub = $isHub ? $key : $hub;
            $firmware[$key] = $overlay->find('firmware')?->find($key)?->text() ?? $row->find('firmware')?->text() ?? '1.0.0';
            $boxes[$key] = new BoxAtHand(
                $key,
                $row->get('name')->text(),
                BoxSheet::fromInput($sheets["box {$row->get('sheet')->id()}"]),
                $row->get('owned')->flag(),
                self::release($key, $row, $overlay),
                $isHub ? $speaks : null,
            );
        }
        foreach ($file->find('ecosystems')?->items() ?? [] as $row) {
            $key = $row->get('key')->id();
            $sheet = EcosystemSheet::fromInput($sheets["ecosystem {$row->get('sheet')->id()}"]);
            $ecosystems[$key] = new EcosystemAtHand($key, $row->get('name')->text(), $sheet, self::release($key, $row, $overlay));
        }
        $placed = static fn (string $key, string $name, string $room, Profile $profile, ?string $behind): PlacedDevice => new PlacedDevice(
            $key,
            $name,
            $room,
            $profile,
            $behind,
            in_array($profile->protocol, $speaks, true) ? $hub : null,
            PlacedDevice::fabricsHeld($profile->protocol, [$speaks]),
        );
        $household = new Household(
            [
                ...array_map(static fn (SlotEntry $slot): PlacedDevice => $placed(
                    $slot->key,
                    "{$slot->place} {$slot->what}",
                    $slot->room,
                    $slot->profile,
                    $slot->behind,
                ), $job->slots),
                ...array_values(array_map(
                    static fn (Device $one): PlacedDevice => $placed($one->key, $one->title, $one->room, $one->profile, $one->behind),
                    $beside,
                )),
            ],
            array_values($boxes),
            array_values($ecosystems),
            [],
        );

        $rooms = [];
        foreach ($file->get('rooms')->items() as $room) {
            $rooms[$room->get('key')->id()] = $room->get('name')->text();
        }

        $bridges = self::bridges($household);

        return new self($boxes, $bridges, $ecosystems, $household, $household->house(), $hub, self::faults($overlay), $rooms, $firmware);
    }

    /** A box of the job, or a bridge among its devices. */
    public function box(string $key): ?BoxAtHand
    {
        return $this->boxes[$key] ?? $this->bridges[$key] ?? null;
    }

    /** Null: it is in none of them. */
    public function room(string $key): ?string
    {
        return $this->rooms[$key] ?? null;
    }

    public function firmware(string $box): string
    {
        return $this->firmware[$box];
    }

    /** The release of what a box exports, as it runs on it. */
    public function exportRelease(string $box): ?Release
    {
        return $this->boxes[$box]->release ?? $this->boxes[$box]->sheet->exportRelease();
    }

    public function sees(string $ecosystem, string $device): Sight
    {
        return Sight::tryFrom($this->faults["{$ecosystem} {$device}"] ?? '') ?? Sight::True;
    }

    /** @return array<string, BoxAtHand> each with an app of its own, in which it is shared */
    private static function bridges(Household $household): array
    {
        $bridges = [];
        foreach ($household->devices as $one) {
            $box = $one->bridge();
            if ($box !== null) {
                $bridges[$one->id] = new BoxAtHand($one->id, $one->name, BoxSheet::fromInput(Input::of([
                    'key' => $one->id, 'name' => $one->name, 'accepts' => [],
                    'offers' => array_map(static fn (Offer $offer): array => array_filter([
                        'as' => $offer->as, 'matterRelease' => $offer->release?->text,
                        'acts' => [Act::windowOf($one->name)->toArray()],
                    ]), $box->offers),
                ])), true);
            }
        }

        return $bridges;
    }

    /** @return list<Protocol> */
    private static function radios(Input $file, string $gateway): array
    {
        $speaks = [];
        foreach ($file->get('gateways')->items() as $one) {
            if ($one->get('key')->id() === $gateway) {
                $speaks = array_map(
                    static fn (Input $network): Protocol => Protocol::from($network->get('protocol')->word(Protocol::words())),
                    $one->get('networks')->items(),
                );
            }
        }

        return $speaks;
    }

    /** The overlay knows what runs on it; else it is as somebody noted it. */
    private static function release(string $key, Input $row, Input $overlay): ?Release
    {
        return Release::fromInput($overlay->find('releases')?->find($key) ?? $row->find('matterRelease'));
    }

    /** @return array<string, string> */
    private static function faults(Input $overlay): array
    {
        $faults = [];
        foreach ($overlay->find('sights')?->items() ?? [] as $one) {
            $both = "{$one->get('ecosystem')->id()} {$one->get('device')->id()}";
            $faults[$both] = $one->get('sees')->word(array_column(Sight::cases(), 'value'));
        }

        return $faults;
    }
}
