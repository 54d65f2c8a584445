<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What a hub says of an attempt that failed: what it saw, not why. */
enum Failure: string
{
    /** The code that it was given does not open the device */
    case CodeRefused = 'code-refused';

    /** The device asks for a code, and the hub was given none */
    case CodeMissing = 'code-missing';

    /** It answers from another network */
    case Owned = 'owned';

    /** No border router is there to take a Thread device in */
    case NoBorderRouter = 'no-border-router';

    /** The hub has no credentials of this Thread network */
    case NoCredentials = 'no-credentials';

    /** The device does not hear the Wi-Fi that it was given */
    case NetworkNotFound = 'network-not-found';

    /** The Wi-Fi that it was given does not let it in */
    case NetworkRefused = 'network-refused';

    /** It is on the house network, and the hub does not find it there */
    case NotReached = 'not-reached';

    /** It has room for no fabric more */
    case FabricsFull = 'fabrics-full';

    /** It is not open to be taken in: its share window is over, or its code was used */
    case NotOpen = 'not-open';

    /** Its certificate is not valid at the time that a clock shows */
    case Clock = 'clock';

    /** It stopped answering in the middle */
    case TimedOut = 'timed-out';

    /** "it refused the code" */
    public function words(): string
    {
        return match ($this) {
            self::CodeRefused => 'the code does not open it',
            self::CodeMissing => 'it asks for a code, and the hub has none',
            self::Owned => 'it answers from another network',
            self::NoBorderRouter => 'there is no border router',
            self::NoCredentials => 'the hub has no credentials of this Thread network',
            self::NetworkNotFound => 'it does not hear the Wi-Fi',
            self::NetworkRefused => 'the Wi-Fi does not let it in',
            self::NotReached => 'it is on the Wi-Fi, and the hub does not find it there',
            self::FabricsFull => 'it has room for no fabric more',
            self::NotOpen => 'it is not open to be taken in',
            self::Clock => 'its certificate is not valid at the time that a clock shows',
            self::TimedOut => 'it stopped answering',
        };
    }

    /** @return list<string> */
    public static function values(): array
    {
        return array_column(self::cases(), 'value');
    }
}
