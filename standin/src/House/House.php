<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\JobFile\PointEntry;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\BuildingReader;
use Kavvel\Core\Site\RoomSide;
use Kavvel\Core\Site\Vec3;

/** The imaginary house: the job file as Kavvel has it, and an overlay of what the plan does not show. */
final readonly class House
{
    public const PROTOCOL = Protocol::Zigbee;

    public const VAN = 'in the van';

    private const NOISE_DB = 1.5;

    /**
     * @param  array<string, Device>  $devices  Zigbee devices, by key
     * @param  array<string, PointEntry>  $sockets  points with mains, by key
     */
    private function __construct(
        public array $devices,
        public RadioEnd $gateway,
        private RadioPlan $truth,
        public array $sockets,
        public int $seed,
    ) {}

    public static function read(string $jobJson, string $overlayJson): self
    {
        $job = JobFile::parse($jobJson);
        $overlay = Input::parse($overlayJson);
        $seed = $overlay->get('seed')->wholeFrom(0);
        $reader = new BuildingReader(Material::names());
        $hidden = array_map(
            static fn (Input $wall) => $reader->wall($wall, $wall->get('bottom')->number()),
            $overlay->get('walls')->items(),
        );
        $walls = $job->building->walls;
        foreach ($hidden as $wall) {
            $walls = [...$walls, ...$wall->segments()];
        }
        $side = new RoomSide($job->building->walls);
        $devices = [];
        foreach ($job->slots as $slot) {
            if ($slot->profile->protocol !== self::PROTOCOL) {
                continue;
            }
            $fault = $overlay->get('faults')->find($slot->key)?->text();
            $devices[$slot->key] = new Device(
                $slot->key,
                "{$slot->place} {$slot->what}",
                $slot->room,
                $slot->node ?? self::address($seed, $slot->key),
                $slot->profile,
                $side->place($slot->position, $job->rooms[$slot->room]),
                $slot->mounting->lossDb(),
                $slot->node !== null,
                $fault === null ? null : Fault::from($fault),
            );
        }
        $gateway = new RadioEnd('gateway', array_values($job->gateways)[0], Device::planningRadio(), 0.0, Role::Root);

        return new self(
            [...$devices, ...self::spares($overlay, $job, $seed)],
            $gateway,
            new RadioPlan(new Building($walls, $job->building->floors), new Clutter),
            array_filter($job->points, static fn (PointEntry $point): bool => $point->mains),
            $seed,
        );
    }

    /** True margin between two ends in dB, with the same small disturbance every time. */
    public function marginDb(RadioEnd $a, RadioEnd $b): float
    {
        $pair = [$a->key, $b->key];
        sort($pair);
        $noise = (hexdec(substr(hash('sha256', $this->seed.implode('-', $pair)), 0, 4)) / 65535 - 0.5) * 2 * self::NOISE_DB;

        return $this->truth->forecast($a, $b)->marginDb + $noise;
    }

    public function besideGateway(): Vec3
    {
        $at = $this->gateway->position;

        return new Vec3($at->x - 0.8, $at->y, $at->z);
    }

    /** @return array<string, Device> what the van holds, by key */
    private static function spares(Input $overlay, JobFile $job, int $seed): array
    {
        $spares = [];
        foreach ($overlay->find('van')?->items() ?? [] as $spare) {
            $key = $spare->get('key')->id();
            $profile = $spare->get('profile');
            $spares[$key] = new Device(
                $key,
                $spare->get('title')->text(),
                self::VAN,
                self::address($seed, $key),
                $job->profiles[$profile->id()] ?? throw InvalidInput::unknownId($profile->id(), $profile->at),
                null,
                0.0,
                false,
                null,
            );
        }

        return $spares;
    }

    /** EUI-64 with the locally administered bit set: it belongs to nobody. */
    private static function address(int $seed, string $key): string
    {
        return '02A7C3'.strtoupper(substr(hash('sha256', "{$seed} {$key}"), 0, 10));
    }
}
