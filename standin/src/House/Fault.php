<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Protocol\Protocol;

/** What can be wrong with a device, its sticker, its hub or its network; planted on the Hands page or by the overlay of truth. */
enum Fault: string
{
    case OwnedElsewhere = 'owned-elsewhere';
    case FlatBattery = 'flat-battery';
    case LowBattery = 'low-battery';
    case AnswersLate = 'answers-late';
    case HalfInterview = 'half-interview';
    case TwoAtOnce = 'two-at-once';
    case Crowded = 'crowded';
    case DropsOff = 'drops-off';
    case WrongRegion = 'wrong-region';
    case WrongCode = 'wrong-code';
    case Unsupported = 'unsupported';
    case BreaksOff = 'breaks-off';
    case NoBorderRouter = 'no-border-router';
    case NoCredentials = 'no-credentials';
    case FabricsFull = 'fabrics-full';
    case CodeUsed = 'code-used';
    case WrongClock = 'wrong-clock';
    case WrongBand = 'wrong-band';
    case HiddenName = 'hidden-name';
    case SecurityMode = 'security-mode';
    case WrongPassword = 'wrong-password';
    case OtherSegment = 'other-segment';
    case Filtered = 'filtered';
    case Tunnel = 'tunnel';
    case NoBusSupply = 'no-bus-supply';
    case NotLoaded = 'not-loaded';
    case OlderProject = 'older-project';
    case TellsNothing = 'tells-nothing';

    public function words(): string
    {
        return match ($this) {
            self::OwnedElsewhere => 'Still owned by another network',
            self::FlatBattery => 'Flat battery',
            self::LowBattery => 'Battery too low to be taken in',
            self::AnswersLate => 'Answers half a minute late',
            self::HalfInterview => 'Falls asleep halfway through its first interview',
            self::TwoAtOnce => 'A second device announces with it',
            self::Crowded => 'Another device answers in its place',
            self::DropsOff => 'Drops off when it is moved',
            self::WrongRegion => 'Made for another radio region',
            self::WrongCode => 'The sticker carries another unit’s code',
            self::Unsupported => 'The hub does not know the model',
            self::BreaksOff => 'Stops answering in the middle',
            self::NoBorderRouter => 'The border router is off',
            self::NoCredentials => 'The hub lacks the credentials of its Thread network',
            self::FabricsFull => 'It is in as many fabrics as it holds',
            self::CodeUsed => 'It is in a fabric already, its code used',
            self::WrongClock => 'The hub’s clock is wrong',
            self::WrongBand => 'The Wi-Fi is on 5 GHz only',
            self::HiddenName => 'The name of the Wi-Fi is hidden',
            self::SecurityMode => 'The Wi-Fi asks for WPA3',
            self::WrongPassword => 'The hub has an old password of the Wi-Fi',
            self::OtherSegment => 'It lands in the guest network',
            self::Filtered => 'An access point filters multicast',
            self::Tunnel => 'The hub goes through a tunnel',
            self::NoBusSupply => 'The bus has no supply',
            self::NotLoaded => 'The tool of its bus never loaded it',
            self::OlderProject => 'An older project is in it',
            self::TellsNothing => 'It tells nobody its state',
        };
    }

    /** @return list<self> what can be wrong with a device of this protocol */
    public static function of(Protocol $protocol, bool $isOnBattery): array
    {
        if ($protocol === Protocol::WiredBus) {
            return [self::NoBusSupply, self::NotLoaded, self::OlderProject, self::TellsNothing];
        }
        $everywhere = [
            self::OwnedElsewhere, self::AnswersLate, self::HalfInterview, self::DropsOff, self::Unsupported, self::BreaksOff,
            ...($isOnBattery ? [self::FlatBattery, self::LowBattery] : []),
        ];
        $matter = [self::WrongCode, self::FabricsFull, self::CodeUsed, self::WrongClock];
        $wifi = [
            self::WrongBand, self::HiddenName, self::SecurityMode, self::WrongPassword, self::OtherSegment, self::Filtered, self::Tunnel,
        ];

        return [...$everywhere, ...match ($protocol) {
            Protocol::Zigbee => [self::TwoAtOnce, self::Crowded, self::WrongCode],
            Protocol::ZWave => [self::TwoAtOnce, self::Crowded, self::WrongCode, self::WrongRegion],
            Protocol::Thread => [...$matter, self::NoBorderRouter, self::NoCredentials],
            Protocol::Matter => [...$matter, ...$wifi],
            Protocol::Wifi => $wifi,
            Protocol::BluetoothLe => [self::TwoAtOnce, self::Crowded],
            default => [],
        }];
    }

    /** Somebody has been there: a reset or an exclusion takes it away. */
    public function endsWithReset(): bool
    {
        return in_array($this, [self::OwnedElsewhere, self::FabricsFull, self::CodeUsed], true);
    }
}
