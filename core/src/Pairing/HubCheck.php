<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What is settled of a hub before its first window is opened. */
enum HubCheck: string
{
    case Place = 'place';
    case Radio = 'radio';
    case Channel = 'channel';
    case Network = 'network';
    case Access = 'access';
    case Needs = 'needs';
    case Link = 'link';
    case Backup = 'backup';

    public function title(): string
    {
        return match ($this) {
            self::Place => 'It stands in its final place',
            self::Radio => 'Radio, driver and firmware are noted',
            self::Channel => 'Channel and region are settled',
            self::Network => 'Segment and address are noted',
            self::Access => 'Its way in is kept',
            self::Needs => 'What it needs is there',
            self::Link => 'Its link was checked',
            self::Backup => 'A backup was made',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::Place => 'A hub that is moved later loses its reach, and routes are made anew.',
            self::Radio => 'What it knows of a model depends on them; a fault is looked for there later.',
            self::Channel => 'Battery devices may not follow a change of channel.',
            self::Network => 'Devices of the house network are found only from the same segment.',
            self::Access => 'Whoever mends it later gets in with its account and its password; the client owns them.',
            self::Needs => 'A switch in another app, an account of the client’s, a border router.',
            self::Link => 'Without it nothing is heard of what joins.',
            self::Backup => 'A controller that fails takes its whole network with it.',
        };
    }

    /** What is asked for beside the tick, or null. */
    public function asksFor(): ?string
    {
        return match ($this) {
            self::Place, self::Link => null,
            self::Radio => 'Radio, driver, firmware',
            self::Channel => 'Channel, region',
            self::Network => 'Segment, address',
            self::Access => 'Account, and whose it is',
            self::Needs => 'What was switched on, or whose account it is',
            self::Backup => 'Where it is kept',
        };
    }
}
