<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\JobFile\PointEntry;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Radio\Sight;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\BuildingReader;
use Kavvel\Core\Site\RoomSide;
use Kavvel\Core\Site\Vec3;
use Kavvel\Standin\Ecosystems\Premises;
use LogicException;

/** The imaginary house: the job file as Kavvel has it, and an overlay of what the plan does not show. */
final readonly class House
{
    /**
     * Whose windows its hub opens, and how long it keeps them open at most, in seconds.
     *
     * @var array<string, int>
     */
    public const WINDOWS = ['zigbee' => 254, 'zwave' => 60, 'thread' => 900, 'matter' => 900, 'wifi' => 180, 'bluetooth' => 180];

    /**
     * For which its hub sends, and how long it listens for a key of a remote at most, in seconds.
     *
     * @var array<string, int>
     */
    public const SENDERS = ['ir' => 30, 'rf' => 30];

    /**
     * Whose wires its hub is on, and how long it listens to them at most, in seconds.
     *
     * @var array<string, int>
     */
    public const BUSES = ['wired' => 600];

    /** Below this a receiver of 433 MHz hears nothing */
    private const HEARS_DB = 2.0;

    public const VAN = 'in the van';

    private const NOISE_DB = 1.5;

    /** By so much two readings of one link differ at most */
    private const READING_DB = 1.0;

    private RadioPlan $truth;

    /**
     * @param  array<string, Device>  $devices  those that its hub can let in, by key
     * @param  array<string, PointEntry>  $sockets  points with mains, by key
     * @param  list<string>  $smartStart  keys of devices that stand on the list of those that come in by themselves
     */
    private function __construct(
        public array $devices,
        private Vec3 $gateway,
        public Region $region,
        private Building $building,
        Clutter $clutter,
        public array $sockets,
        public int $seed,
        public array $smartStart,
        public Premises $premises,
    ) {
        $this->truth = new RadioPlan($building, $clutter);
    }

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
        $names = array_column($job->data['slots'], 'name', 'key');
        $devices = [];
        foreach ($job->slots as $slot) {
            $protocol = $slot->profile->protocol->value;
            $bus = self::bus($overlay, $slot->key);
            if (! isset(self::WINDOWS[$protocol]) && ! isset(self::SENDERS[$protocol]) && $bus === null) {
                continue;
            }
            $fault = $overlay->get('faults')->find($slot->key)?->text();
            $presence = $overlay->find('behind')?->find($slot->key)?->word(array_column(Presence::cases(), 'value'));
            $devices[$slot->key] = new Device(
                $slot->key,
                "{$slot->place} {$slot->what}",
                $slot->room,
                $bus->own ?? $slot->node ?? self::address($seed, $slot->key, $slot->profile->protocol, count($devices)),
                $slot->profile,
                $side->place($slot->position, $job->rooms[$slot->room]),
                $slot->mounting->lossDb(),
                $slot->node !== null,
                $fault === null ? null : Fault::from($fault),
                self::code($seed, $slot->key, $slot->profile),
                $slot->behind,
                Presence::from($presence ?? Presence::Online->value),
                Remote::of($seed, $slot->key, $slot->profile, $overlay->find('remotes')?->find($slot->key)),
                $bus,
                self::weakness($overlay, $slot->key),
                $names[$slot->key] ?? null,
                Ends::read($overlay->find('ends')?->find($slot->key)),
            );
        }

        $beside = self::beside($overlay, $job, $seed);

        return new self(
            [...$devices, ...$beside],
            array_values($job->gateways)[0],
            Region::from(Input::parse($jobJson)->get('job')->get('region')->word(Region::words())),
            new Building($walls, $job->building->floors),
            self::clutter($overlay),
            array_filter($job->points, static fn (PointEntry $point): bool => $point->mains),
            $seed,
            array_map(static fn (Input $one): string => $one->id(), $overlay->find('smartStart')?->items() ?? []),
            Premises::read($job, Input::of($job->data), $overlay, $beside),
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

    /**
     * As one reading finds it, there and back: radios differ, and no two readings are alike.
     *
     * @return array{float, float} dB
     */
    public function margins(RadioEnd $a, RadioEnd $b, int $reading): array
    {
        $differs = $this->truth->link($a, $b);
        $margin = $this->marginDb($a, $b);
        $noise = fn (string $way): float => self::READING_DB * 2
            * (hexdec(substr(hash('sha256', "{$this->seed} reading {$reading} {$way}"), 0, 4)) / 65535 - 0.5);

        return [
            $margin + $noise("{$a->key} {$b->key}"),
            $margin + $differs->marginBackDb - $differs->marginDb + $noise("{$b->key} {$a->key}"),
        ];
    }

    /** The hub's radio for a protocol. */
    public function hub(Protocol $protocol): RadioEnd
    {
        $radio = Transceiver::of($protocol, $this->region) ?? throw new LogicException("{$protocol->title()} has no radio.");

        return new RadioEnd('gateway', $this->gateway, $radio, 0.0, Role::Root);
    }

    /** What the hub sends gets to it: light through nothing but open doors, 433 MHz as far as it is heard. */
    public function isReachedBySender(Device $device): bool
    {
        if ($device->position === null) {
            return false;
        }
        $end = $device->end(null);

        return match ($device->profile->protocol) {
            Protocol::Infrared => Sight::between($this->building, $this->gateway, $device->position)->isFree(),
            default => $end !== null && $this->marginDb($end, $this->hub($device->profile->protocol)) >= self::HEARS_DB,
        };
    }

    public function besideGateway(): Vec3
    {
        $at = $this->gateway;

        return new Vec3($at->x - 0.8, $at->y, $at->z);
    }

    /** @return array<string, Device> what the van holds, and what is in the house and not on the plan, by key */
    private static function beside(Input $overlay, JobFile $job, int $seed): array
    {
        $beside = [];
        foreach ([...$overlay->find('van')?->items() ?? [], ...$overlay->find('found')?->items() ?? []] as $one) {
            $key = $one->get('key')->id();
            $at = $one->get('profile');
            $profile = $job->profiles[$at->id()] ?? throw InvalidInput::unknownId($at->id(), $at->at);
            $place = $one->find('position');
            $fault = $one->find('fault')?->word(array_column(Fault::cases(), 'value'));
            $beside[$key] = new Device(
                $key,
                $one->get('title')->text(),
                $one->find('room')?->text() ?? self::VAN,
                self::bus($overlay, $key)->own ?? self::address($seed, $key, $profile->protocol, count($beside)),
                $profile,
                $place === null ? null : BuildingReader::place($place),
                0.0,
                false,
                $fault === null ? null : Fault::from($fault),
                self::code($seed, $key, $profile),
                bus: self::bus($overlay, $key),
                txDb: self::weakness($overlay, $key),
            );
        }

        return $beside;
    }

    /** What furniture and people truly cost in this house. */
    private static function clutter(Input $overlay): Clutter
    {
        $clutter = $overlay->find('clutter');

        return $clutter === null ? new Clutter : new Clutter($clutter->get('constantDb')->number(), $clutter->get('dbPerMetre')->number());
    }

    /** By how much it sends stronger than its kind does; a poor antenna: less. */
    private static function weakness(Input $overlay, string $key): float
    {
        return $overlay->find('radios')?->find($key)?->get('txDb')->number() ?? 0.0;
    }

    private static function bus(Input $overlay, string $key): ?BusUnit
    {
        $unit = $overlay->find('bus')?->find($key);

        return $unit === null ? null : BusUnit::read($unit);
    }

    private static function code(int $seed, string $unit, Profile $profile): ?TrueCode
    {
        return TrueCode::of($seed, $unit, $profile->codeSheet?->family, $profile->codeSheet?->ids?->numbers());
    }

    /** As its network writes addresses; those of makers have the locally administered bit set, so that they belong to nobody. */
    private static function address(int $seed, string $key, Protocol $protocol, int $number): string
    {
        $hash = hash('sha256', "{$seed} {$key}");

        return match ($protocol) {
            Protocol::ZWave => sprintf('zw-%03d', 40 + $number),
            Protocol::Wifi, Protocol::BluetoothLe => '02:5e:10:'.implode(':', str_split(substr($hash, 0, 6), 2)),
            Protocol::Thread, Protocol::Matter => '02B4D1'.strtoupper(substr($hash, 0, 10)),
            default => '02A7C3'.strtoupper(substr($hash, 0, 10)),
        };
    }

    /** The code of the unit whose sticker was put onto it by mistake. */
    public function otherCode(Device $device): ?TrueCode
    {
        return self::code($this->seed, "{$device->key} of another unit", $device->profile);
    }
}
