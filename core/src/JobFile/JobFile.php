<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Cabling\CableKind;
use Kavvel\Core\Cabling\WiredPoint;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Circuits\Prices;
use Kavvel\Core\Drops\DropCode;
use Kavvel\Core\Floorplan\RoomKind;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Naming\Ecosystem;
use Kavvel\Core\Naming\Pattern;
use Kavvel\Core\Pairing\HubCheck;
use Kavvel\Core\Pairing\NetworkFacts;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Radio\Mounting;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\BuildingReader;
use Kavvel\Core\Site\Polygon;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Survey\Mains;
use Kavvel\Core\Wants\WantedBy;
use Kavvel\Core\Wants\WantedFrom;
use Kavvel\Core\Wants\WantedFunction;

/** A job in the open format of docs/formats.md, read whole and checked: every reference leads somewhere. */
final readonly class JobFile
{
    public const FORMAT = 'kavvel-job';

    public const VERSION = 7;

    public const STAGES = ['survey', 'commissioning', 'aftercare'];

    /**
     * @param  array<string, mixed>  $data  the file as it was read
     * @param  list<SlotEntry>  $slots
     * @param  array<string, Vec3>  $gateways  places by key
     * @param  array<string, Polygon>  $rooms  outlines by key
     * @param  array<string, PointEntry>  $points  by key
     * @param  array<string, Profile>  $profiles  by key
     */
    private function __construct(
        public array $data,
        public Building $building,
        public array $slots,
        public array $gateways,
        public array $rooms,
        public array $points,
        public array $profiles,
    ) {}

    /** @throws InvalidInput with the JSON path of the first thing that can't be used */
    public static function parse(string $json): self
    {
        $raw = Input::arrays($json);
        Input::of($raw)->get('format')->word([self::FORMAT]);
        /** @var array<string, mixed> $data */
        $data = Upgrade::of($raw);
        $input = Input::of($data);
        if ($input->get('version')->wholeFrom(1) !== self::VERSION) {
            throw InvalidInput::outOfRange('$.version', 'the version '.self::VERSION.' or earlier');
        }
        Check::date($input->get('asOf'));
        Limits::check($input);
        self::head($input->get('job'));
        $storeys = Check::keys($input, 'storeys');
        $building = (new BuildingReader(Material::names()))->building($input->get('storeys')->items(), $input->get('walls')->items());
        Check::keys($input, 'walls');
        $rooms = Check::keys($input, 'rooms');
        foreach ($input->get('storeys')->items() as $storey) {
            $storey->get('level')->number();
            $storey->get('height')->positive();
        }
        $outlines = [];
        foreach ($input->get('rooms')->items() as $room) {
            Check::known($room->get('storey'), $storeys);
            $outlines[$room->get('key')->id()] = new Polygon(BuildingReader::outline($room->get('outline')));
            $room->get('name')->text();
            $room->get('code')->text();
            $room->find('kind')?->word(array_column(RoomKind::cases(), 'value'));
            $room->find('height')?->positive();
        }
        self::ways($input, $storeys);
        self::heard($input, $rooms);
        self::wants($input, $rooms);
        Wiring::check($input, $rooms);
        $points = self::points($input, $rooms);
        $profiles = self::profiles($input);
        $gateways = self::gateways($input, $storeys);
        $nodes = Records::addresses($input, self::written($gateways));
        $slots = self::slots($input, $rooms, self::written($points), $profiles, $nodes);
        Records::check($input, Check::keys($input, 'slots'), $nodes, self::written($gateways));
        Fitting::check($input, Check::keys($input, 'slots'));
        BusAddresses::check($input, Check::keys($input, 'slots'));
        Bridges::check($slots);
        Bridging::check($input, self::written($gateways), Check::keys($input, 'slots'));
        Premises::check($input, $rooms, self::written($profiles), Check::keys($input, 'slots'));

        return new self($data, $building, $slots, $gateways, $outlines, $points, $profiles);
    }

    /**
     * @param  array<array-key, mixed>  $byKey
     * @return array<string, mixed> the same, ready to look up what is written in a file
     */
    private static function written(array $byKey): array
    {
        return array_combine(array_map(static fn (int|string $key): string => " {$key}", array_keys($byKey)), $byKey);
    }

    private static function head(Input $job): void
    {
        $job->get('key')->id();
        $job->get('name')->id();
        $job->get('client')->get('name')->id();
        $job->get('address')->text();
        $job->get('stage')->word(self::STAGES);
        $job->get('region')->word(Region::words());
        $job->find('dropCode')?->word(array_column(DropCode::cases(), 'value'));
        $job->find('mains')?->word(array_column(Mains::cases(), 'value'));
        if ($job->find('prices') !== null) {
            Prices::check($job->get('prices'));
        }
        $job->get('school')->word(array_column(PairingOrder::cases(), 'value'));
        $pattern = $job->get('namePattern');
        new Pattern($pattern->text(), $pattern->at);
        $job->find('bridgePolicy')?->word(array_column(Policy::cases(), 'value'));
        Ecosystem::fromLines($job->find('namePlatforms')?->text() ?? '');
        foreach (['acceptanceDb', 'clutterConstantDb', 'clutterDbPerMetre'] as $number) {
            $job->get($number)->numberFrom(0);
        }
        foreach (['number', 'of', 'plannedMinutes', 'usedMinutes'] as $whole) {
            $job->get('visit')->get($whole)->wholeFrom(0);
        }
    }

    /** @param array<string, mixed> $rooms */
    private static function heard(Input $input, array $rooms): void
    {
        Check::keys($input, 'heardNetworks');
        foreach ($input->get('heardNetworks')->items() as $network) {
            if ($network->find('room') !== null) {
                Check::known($network->get('room'), $rooms);
            }
            $width = $network->get('widthMHz');
            $width->whole(20, 40) % 20 === 0 || throw InvalidInput::outOfRange($width->at, '20 or 40');
            $network->find('secondary')?->word(['above', 'below']);
        }
    }

    /** @param array<string, mixed> $rooms */
    private static function wants(Input $input, array $rooms): void
    {
        $noted = [];
        foreach ($input->get('wants')->items() as $want) {
            Check::known($want->get('room'), $rooms);
            $words = [
                $want->get('room')->id(),
                $want->get('function')->word(array_column(WantedFunction::cases(), 'value')),
                $want->get('by')->word(array_column(WantedBy::cases(), 'value')),
                $want->get('from')->word(array_column(WantedFrom::cases(), 'value')),
            ];
            $what = implode(' ', $words);
            if (isset($noted[$what])) {
                throw InvalidInput::duplicateId($what, $want->at);
            }
            $noted[$what] = true;
        }
        $leftOut = [];
        foreach ($input->get('leftOut')->items() as $row) {
            $demand = $row->get('demand');
            if (isset($leftOut[' '.$demand->id()])) {
                throw InvalidInput::duplicateId($demand->id(), $demand->at);
            }
            $leftOut[' '.$demand->id()] = true;
        }
    }

    /**
     * Ways for cables, and the pictures that the plan was drawn over.
     *
     * @param  array<string, mixed>  $storeys
     */
    private static function ways(Input $input, array $storeys): void
    {
        $names = Material::names();
        foreach ($input->get('storeys')->items() as $storey) {
            foreach (['outerLayers', 'innerLayers'] as $usual) {
                foreach ($storey->find($usual)?->items() ?? [] as $layer) {
                    $layer->get('material')->word($names);
                    $layer->get('thickness')->numberFrom(0);
                }
            }
        }
        Check::keys($input, 'ducts');
        foreach ($input->get('ducts')->items() as $duct) {
            $path = array_map(BuildingReader::place(...), $duct->get('path')->items());
            if (count($path) < 2) {
                throw InvalidInput::outOfRange($duct->get('path')->at, 'a way of two places or more');
            }
        }
        $under = [];
        foreach ($input->get('underlays')->items() as $underlay) {
            $storey = $underlay->get('storey');
            Check::known($storey, $storeys);
            if (isset($under[' '.$storey->id()])) {
                throw InvalidInput::duplicateId($storey->id(), $storey->at);
            }
            $under[' '.$storey->id()] = true;
            $underlay->get('metresPerPixel')->positive();
        }
    }

    /**
     * @param  array<string, mixed>  $rooms
     * @return array<string, PointEntry>
     */
    private static function points(Input $input, array $rooms): array
    {
        $points = [];
        Check::keys($input, 'points');
        foreach ($input->get('points')->items() as $point) {
            Check::known($point->get('room'), $rooms);
            $point->find('cable')?->word([WiredPoint::NONE, ...array_column(CableKind::cases(), 'value')]);
            $points[$point->get('key')->id()] = new PointEntry(
                $point->get('room')->id(),
                $point->get('purpose')->text(),
                BuildingReader::place($point->get('position')),
                $point->get('mains')->flag(),
            );
        }

        return $points;
    }

    /** @return array<string, Profile> */
    private static function profiles(Input $input): array
    {
        $profiles = [];
        Check::keys($input, 'profiles');
        foreach ($input->get('profiles')->items() as $profile) {
            $read = Profile::fromInput($profile, Region::from($input->get('job')->get('region')->text()));
            $profiles[$read->key] = $read;
        }

        return $profiles;
    }

    /**
     * @param  array<string, mixed>  $storeys
     * @return array<string, Vec3>
     */
    private static function gateways(Input $input, array $storeys): array
    {
        $gateways = [];
        Check::keys($input, 'gateways');
        foreach ($input->get('gateways')->items() as $gateway) {
            Check::known($gateway->get('storey'), $storeys);
            $gateway->get('name')->text();
            foreach ($gateway->find('checks')?->items() ?? [] as $check) {
                $check->get('item')->word(array_column(HubCheck::cases(), 'value'));
                $check->get('waived')->flag();
                NetworkFacts::fromInput($check->find('facts'));
            }
            $gateways[$gateway->get('key')->id()] = BuildingReader::place($gateway->get('position'));
            $spoken = [];
            foreach ($gateway->get('networks')->items() as $network) {
                $protocol = Protocol::from($network->get('protocol')->word(Protocol::words()));
                if (isset($spoken[$protocol->value])) {
                    throw InvalidInput::duplicateId($protocol->value, $network->get('protocol')->at);
                }
                $spoken[$protocol->value] = true;
                $channel = $network->find('channel');
                if ($channel !== null && $protocol->rules()->channelMHz($channel->wholeFrom(1)) === null) {
                    throw InvalidInput::outOfRange($channel->at, self::channelRule($protocol));
                }
                $network->get('linked')->flag();
            }
        }

        return $gateways;
    }

    private static function channelRule(Protocol $protocol): string
    {
        $channels = $protocol->rules()->channelWords();

        return $channels === null
            ? "null: {$protocol->title()} has no numbered channels"
            : "a channel of {$protocol->title()}, {$channels}, or null";
    }

    /**
     * @param  array<string, mixed>  $rooms
     * @param  array<string, mixed>  $points
     * @param  array<string, Profile>  $profiles
     * @param  array<string, mixed>  $nodes
     * @return list<SlotEntry>
     */
    private static function slots(Input $input, array $rooms, array $points, array $profiles, array $nodes): array
    {
        Check::keys($input, 'slots');
        $slots = [];
        $taken = [];
        $written = self::written($profiles);
        foreach ($input->get('slots')->items() as $slot) {
            Check::known($slot->get('room'), $rooms);
            if ($slot->find('point') !== null) {
                Check::known($slot->get('point'), $points);
            }
            $node = $slot->find('node');
            if ($node !== null) {
                Check::known($node, $nodes);
                if (isset($taken[' '.$node->id()])) {
                    throw InvalidInput::duplicateId($node->id(), $node->at);
                }
                $taken[' '.$node->id()] = true;
            }
            Check::known($slot->get('profile'), $written);
            Check::time($slot->find('namedAt'));
            self::load($slot->find('load'));
            Fitting::settings($slot);
            Stays::check($slot);
            TaughtKeys::check($slot);
            $slot->find('remote')?->get('worksAway')->flag();
            $slot->find('remote')?->get('toggles')->flag();
            $slots[] = new SlotEntry(
                $slot->get('key')->id(),
                $slot->get('room')->id(),
                $slot->get('place')->text(),
                $slot->get('what')->id(),
                $profiles[$slot->get('profile')->id()],
                BuildingReader::place($slot->get('position')),
                Mounting::from($slot->get('mounting')->word(array_column(Mounting::cases(), 'value'))),
                $node?->id(),
                $slot->find('behind')?->id(),
            );
        }

        return $slots;
    }

    /** What is plugged in. */
    private static function load(?Input $load): void
    {
        $load?->find('watts')?->numberFrom(0);
        $load?->get('staysOn')->flag();
        $load?->get('heats')->flag();
    }
}
