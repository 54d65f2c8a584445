<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;
use Kavvel\Core\Radio\Mounting;
use Kavvel\Core\Radio\Reporting;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\SpotKind;

/** A kind of device: what it can do, how it is powered, paired and left, and what it needs said of it. */
final readonly class Profile
{
    public StepMinutes $minutes;

    public LinkSheet $linkSheet;

    /**
     * @param  list<string>  $capabilities
     * @param  bool  $removable  a router that can vanish: a lamp behind a wall switch, a plug
     * @param  bool  $vital  lock, smoke or leak device: a thin link is a snag
     * @param  Region|null  $region  Z-Wave region that it is made for, where its box says one
     * @param  bool  $longRange  Z-Wave Long Range: straight to the controller, no mesh
     * @param  Load|null  $load  what it switches; null: nothing
     * @param  SpotKind  $spot  where in a room it goes
     * @param  bool  $isStateless  it never says what state it is in
     * @param  float|null  $mostWatts  what it may switch, where its sheet says so
     * @param  LockSheet|null  $lockSheet  the doors that it fits, where it is a lock
     * @param  BlindSheet|null  $blindSheet  the windows that it fits, where it is a blind
     * @param  list<Setting>  $settings  worth setting on it
     * @param  FitSheet|null  $fitSheet  the boxes that it fits and what it bears, where it goes into the wall
     * @param  StepMinutes|null  $minutes  null: the usual
     * @param  CodeSheet|null  $codeSheet  the code that it carries, where it carries one
     * @param  WifiSheet|null  $wifi  the Wi-Fi that it can join, where it joins one
     * @param  list<string>  $limits  what it can't, though one might expect it
     * @param  bool  $isBridged  it comes in behind a bridge only
     * @param  LinkSheet|null  $linkSheet  its ways into other systems; null: its own radio alone
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
        public ?Load $load = null,
        public SpotKind $spot = SpotKind::Wall,
        public bool $isStateless = false,
        public ?float $mostWatts = null,
        public ?LockSheet $lockSheet = null,
        public ?BlindSheet $blindSheet = null,
        public ?FitSheet $fitSheet = null,
        public array $settings = [],
        ?StepMinutes $minutes = null,
        public ?CodeSheet $codeSheet = null,
        public array $limits = [],
        public ?WifiSheet $wifi = null,
        public bool $isBridged = false,
        ?LinkSheet $linkSheet = null,
    ) {
        $this->linkSheet = $linkSheet ?? LinkSheet::fromInput(null);
        $this->minutes = $minutes ?? StepMinutes::of(null, $fitSheet, $blindSheet !== null || $lockSheet !== null);
    }

    public static function fromInput(Input $input, Region $region = Region::Eu): self
    {
        $protocol = Protocol::from($input->get('protocol')->word(Protocol::words()));
        $madeFor = $input->find('region') === null ? null : Region::from($input->get('region')->word(Region::words()));
        $longRange = $protocol->rules()->hasLongRange() && ($input->find('longRange')?->flag() ?? false);
        $at = $madeFor ?? $region;
        $radio = ($longRange ? Transceiver::longRange($protocol, $at) : null) ?? Transceiver::of($protocol, $at);
        $own = $input->find('radio');
        $power = $input->get('power')->word(['mains', 'battery', 'bus']);
        $removable = $input->find('removable')?->flag() ?? false;
        $capabilities = array_map(static fn (Input $capability): string => $capability->text(), $input->get('capabilities')->items());
        $load = $input->find('load')?->word(array_column(Load::cases(), 'value'));
        $load = $load === null ? Load::usual($protocol, $capabilities, $removable) : Load::from($load);
        $fitSheet = $input->find('fitSheet') === null ? null : FitSheet::fromInput($input->get('fitSheet'));
        $spot = $input->find('spot')?->word(array_column(SpotKind::cases(), 'value'));

        return new self(
            $input->get('key')->id(),
            $input->get('name')->text(),
            $input->get('model')->text(),
            $protocol,
            $input->get('role')->word(['router', 'end']) === 'router',
            $removable,
            $input->find('secure')?->flag() ?? false,
            $input->find('vital')?->flag() ?? false,
            $power,
            $capabilities,
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
            $load,
            $spot === null ? UsualSpot::of($capabilities, $load, $power === 'battery', $removable) : SpotKind::from($spot),
            $input->find('stateless')?->flag() ?? ! $protocol->rules()->tellsState(),
            $input->find('mostWatts')?->positive(),
            $input->find('lockSheet') === null ? null : LockSheet::fromInput($input->get('lockSheet')),
            $input->find('blindSheet') === null ? null : BlindSheet::fromInput($input->get('blindSheet')),
            $fitSheet,
            array_map(Setting::fromInput(...), $input->find('settings')?->items() ?? []),
            StepMinutes::of(
                $input->find('minutes'),
                $fitSheet,
                $input->find('blindSheet') !== null || $input->find('lockSheet') !== null,
            ),
            $input->find('code') === null ? null : CodeSheet::fromInput($input->get('code')),
            array_map(static fn (Input $limit): string => $limit->text(), $input->find('limits')?->items() ?? []),
            WifiSheet::of($protocol, $input->find('wifi')),
            $input->find('bridged')?->flag() ?? false,
            LinkSheet::fromInput($input->find('links')),
        );
    }

    public function can(string $capability): bool
    {
        return in_array($capability, $this->capabilities, true);
    }

    /** Whether a controller of this region can ever hear it. */
    public function suits(Region $region): bool
    {
        return ! $this->protocol->rules()->hasRegions() || $this->region === null || $this->region === $region;
    }

    /** Made to relay, and stays where it is. */
    public function isMadeToRelay(): bool
    {
        return $this->isRouter && ! $this->removable && $this->can('relay');
    }

    /** Behind a switch or a lamp it goes into a box; else it is seen (assumption). */
    public function usualMounting(): Mounting
    {
        return $this->load === Load::Light && ! $this->removable ? Mounting::PlasticBox : Mounting::Surface;
    }

    /** Whether a thin link of it is a snag: relays, locks, smoke and leak devices. */
    public function needsSoundLink(): bool
    {
        return $this->isRouter || $this->secure || $this->vital;
    }

    /** Something a person can switch from the gateway, so that the hub rung can be tried by a command. */
    public function isActuator(): bool
    {
        return array_intersect($this->capabilities, ['on-off', 'level', 'cover', 'tilt', 'lock', 'valve', 'siren']) !== [];
    }
}
