<?php

declare(strict_types=1);

namespace Kavvel\Core\Existing;

/** What a device that is there already is in. */
enum Holder: string
{
    case Hub = 'hub';
    case Account = 'account';
    case Unknown = 'unknown';
    case Nobody = 'nobody';

    public function words(): string
    {
        return match ($this) {
            self::Hub => 'a hub that is here',
            self::Account => 'an app or account',
            self::Unknown => 'nobody knows what',
            self::Nobody => 'nothing: it never was',
        };
    }
}
