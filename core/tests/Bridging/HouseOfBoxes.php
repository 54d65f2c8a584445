<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\Box;
use Kavvel\Core\Bridging\Capability;
use Kavvel\Core\Bridging\Device;
use Kavvel\Core\Bridging\Ecosystem;
use Kavvel\Core\Bridging\House;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Core\Bridging\Removal;
use Kavvel\Core\Bridging\Want;
use Kavvel\Core\Protocol\Release;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Small houses made up by chance, the same for the same seed. */
final readonly class HouseOfBoxes
{
    private const FORMS = ['zigbee', 'matter', 'matter-bridge', 'cloud-link', 'local-link'];

    private const RELEASES = [null, null, '1.0', '1.2', '1.3'];

    private const CAPABILITIES = ['on-off', 'level', 'power', 'tilt'];

    /**
     * @param  list<Capability>  $capabilities
     * @param  list<Device>  $devices
     * @param  list<Box>  $boxes
     * @param  list<Ecosystem>  $ecosystems
     * @param  list<Want>  $wants
     */
    public function __construct(
        public array $capabilities,
        public array $devices,
        public array $boxes,
        public array $ecosystems,
        public array $wants,
    ) {}

    public static function bySeed(int $seed): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $odds = static fn (int $percent): bool => $chance->getInt(1, 100) <= $percent;
        $some = static fn (array $of, int $percent): array => array_values(array_filter($of, static fn (): bool => $odds($percent)));
        $release = static function () use ($chance): ?Release {
            $text = self::RELEASES[$chance->getInt(0, count(self::RELEASES) - 1)];

            return $text === null ? null : Release::of($text);
        };
        $named = static fn (string $letter, int $most): array => array_map(
            static fn (int $number): string => "{$letter}{$number}",
            range(1, $chance->getInt(1, $most)),
        );

        $devices = array_map(static fn (string $id): Device => new Device(
            $id,
            $id,
            $some(self::CAPABILITIES, 70),
            $some(self::FORMS, 40),
            $release(),
            $odds(15),
            $chance->getInt(2, 5),
            5,
        ), $named('d', 3));
        $ecosystems = array_map(static fn (string $id): Ecosystem => new Ecosystem(
            $id,
            $id,
            $some(self::FORMS, 50),
            $some(self::CAPABILITIES, 80),
            $release(),
            Removal::cases()[$chance->getInt(0, 2)],
        ), $named('e', 3));
        $boxes = array_map(static fn (string $id): Box => new Box(
            $id,
            $id,
            $odds(25),
            $some(self::FORMS, 45),
            array_map(
                static fn (string $form): Offer => new Offer($form, $release(), $some(self::CAPABILITIES, 20), $odds(20)),
                $some(self::FORMS, 40),
            ),
            $release(),
            $chance->getInt(0, 3) / 10,
            $chance->getInt(0, 3) * 10,
            $chance->getInt(0, 1) * 5,
        ), $named('b', 5));
        $wants = [];
        foreach ($devices as $device) {
            foreach ($some($ecosystems, 80) as $ecosystem) {
                $wants[] = new Want($device->id, $ecosystem->id, $some(self::CAPABILITIES, 30));
            }
        }

        return new self([
            new Capability('power', Release::of('1.3')),
            new Capability('tilt', null, $odds(20)),
        ], $devices, $boxes, $ecosystems, $chance->shuffleArray($wants));
    }

    public function house(): House
    {
        return new House($this->capabilities, $this->devices, $this->boxes, $this->ecosystems);
    }

    public function withBox(Box $box): self
    {
        return new self($this->capabilities, $this->devices, [...$this->boxes, $box], $this->ecosystems, $this->wants);
    }
}
