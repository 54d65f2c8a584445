<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Load;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Site\SpotKind;

/** What a client may want to be able to do in a room, or to know of it. */
enum WantedFunction: string
{
    case SwitchLight = 'switch-light';
    case DimLight = 'dim-light';
    case ColourLight = 'colour-light';
    case SwitchSocket = 'switch-socket';
    case Meter = 'meter';
    case Cover = 'cover';
    case Slats = 'slats';
    case Heat = 'heat';
    case Temperature = 'temperature';
    case Humidity = 'humidity';
    case Air = 'air';
    case Presence = 'presence';
    case Opened = 'opened';
    case Lock = 'lock';
    case Ring = 'ring';
    case Leak = 'leak';
    case Smoke = 'smoke';
    case Siren = 'siren';
    case Key = 'key';
    case Panel = 'panel';
    case Appliance = 'appliance';
    case Watch = 'watch';

    /** The head of its column. */
    public function title(): string
    {
        return match ($this) {
            self::SwitchLight => 'Light on, off',
            self::DimLight => 'Dim',
            self::ColourLight => 'Colour',
            self::SwitchSocket => 'Socket on, off',
            self::Meter => 'Watts',
            self::Cover => 'Blinds',
            self::Slats => 'Slats',
            self::Heat => 'Heating',
            self::Temperature => 'Temperature',
            self::Humidity => 'Humidity',
            self::Air => 'Air quality',
            self::Presence => 'Somebody there',
            self::Opened => 'What is open',
            self::Lock => 'Lock',
            self::Ring => 'Who rings',
            self::Leak => 'Water leak',
            self::Smoke => 'Smoke, heat',
            self::Siren => 'Siren',
            self::Key => 'Key on the wall',
            self::Panel => 'Panel',
            self::Appliance => 'Switch a machine',
            self::Watch => 'Watch a machine',
        };
    }

    /** "Somebody wants to …" */
    public function words(): string
    {
        return match ($this) {
            self::SwitchLight => 'switch the light',
            self::DimLight => 'dim the light',
            self::ColourLight => 'change the colour of the light',
            self::SwitchSocket => 'switch what is plugged in',
            self::Meter => 'see how much it draws',
            self::Cover => 'move the blinds',
            self::Slats => 'turn the slats',
            self::Heat => 'set the heating',
            self::Temperature => 'know the temperature',
            self::Humidity => 'know the humidity',
            self::Air => 'know how good the air is',
            self::Presence => 'know whether somebody is there',
            self::Opened => 'know what is open',
            self::Lock => 'lock and unlock',
            self::Ring => 'see who rings',
            self::Leak => 'be warned of a leak',
            self::Smoke => 'be warned of smoke',
            self::Siren => 'be warned aloud',
            self::Key => 'press a key on the wall',
            self::Panel => 'see it all on a panel',
            self::Appliance => 'switch a machine',
            self::Watch => 'keep an eye on a machine',
        };
    }

    public function group(): WantGroup
    {
        return match ($this) {
            self::SwitchLight, self::DimLight, self::ColourLight, self::SwitchSocket, self::Meter => WantGroup::Light,
            self::Cover, self::Slats, self::Heat, self::Temperature, self::Humidity, self::Air, self::Presence => WantGroup::Comfort,
            self::Opened, self::Lock, self::Ring, self::Leak, self::Smoke, self::Siren => WantGroup::Doors,
            self::Key, self::Panel, self::Appliance, self::Watch => WantGroup::Control,
        };
    }

    /** What has to be there once for each of. */
    public function anchor(): Anchor
    {
        return match ($this) {
            self::Cover, self::Slats => Anchor::Window,
            self::Opened => Anchor::WindowOrOuterDoor,
            self::Lock, self::Ring => Anchor::OuterDoor,
            default => Anchor::Room,
        };
    }

    /** Whether a device of this kind does it. What stands beside heat does not know the air of the room. */
    public function isServedBy(Profile $profile): bool
    {
        return match ($this) {
            self::SwitchLight => $profile->load === Load::Light && $profile->can('on-off'),
            self::DimLight => $profile->load === Load::Light && $profile->can('level'),
            self::ColourLight => $profile->load === Load::Light && $profile->can('colour'),
            self::SwitchSocket => $profile->load === Load::Socket && $profile->can('on-off') && ! $profile->isMadeToRelay(),
            self::Meter => $profile->load === Load::Socket && $profile->can('power'),
            self::Cover => $profile->can('cover'),
            self::Slats => $profile->can('tilt'),
            self::Heat => $profile->can('thermostat'),
            self::Temperature => $profile->can('temperature') && ! $profile->spot->isBesideHeat(),
            self::Humidity => $profile->can('humidity') && ! $profile->spot->isBesideHeat(),
            self::Air => $profile->can('co2') || $profile->can('air-quality'),
            self::Presence => $profile->can('occupancy'),
            self::Opened => $profile->can('contact'),
            self::Lock => $profile->can('lock'),
            self::Ring => $profile->can('camera') && $profile->can('button'),
            self::Leak => $profile->can('leak'),
            self::Smoke => $profile->can('smoke'),
            self::Siren => $profile->can('siren'),
            self::Key => $profile->can('button') && ! $profile->can('camera'),
            self::Panel => $profile->can('display'),
            self::Appliance => $profile->load === Load::Appliance && $profile->can('on-off'),
            self::Watch => $profile->spot === SpotKind::Appliance && $profile->load === null,
        };
    }

    /** @return list<string> capabilities of a device that serves it which have to reach the place from where it is wanted */
    public function needs(Profile $profile): array
    {
        return match ($this) {
            self::SwitchLight, self::SwitchSocket, self::Appliance => ['on-off'],
            self::DimLight => ['level'],
            self::ColourLight => ['colour'],
            self::Meter => ['power'],
            self::Cover => ['cover'],
            self::Slats => ['tilt'],
            self::Heat => ['thermostat'],
            self::Temperature => ['temperature'],
            self::Humidity => ['humidity'],
            self::Air => array_values(array_intersect(['co2', 'air-quality'], $profile->capabilities)),
            self::Presence => ['occupancy'],
            self::Opened => ['contact'],
            self::Lock => ['lock'],
            self::Ring => ['button', 'camera'],
            self::Leak => ['leak'],
            self::Smoke => ['smoke'],
            self::Siren => ['siren'],
            self::Key => ['button'],
            self::Panel => ['display'],
            self::Watch => $profile->capabilities,
        };
    }

    /** Whether the catalogue can say what it takes; else it is decided by the machine that is there. */
    public function canBeSuggested(): bool
    {
        return $this !== self::Appliance && $this !== self::Watch;
    }

    /** @return list<self> what a device of this kind does */
    public static function servedBy(Profile $profile): array
    {
        return array_values(array_filter(self::cases(), static fn (self $function): bool => $function->isServedBy($profile)));
    }
}
