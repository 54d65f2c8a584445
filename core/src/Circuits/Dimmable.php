<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** Whether lamps may be dimmed, as their boxes say. */
enum Dimmable: string
{
    case Yes = 'yes';
    case No = 'no';
    case Unknown = 'unknown';

    public function words(): string
    {
        return match ($this) {
            self::Yes => 'dimmable',
            self::No => 'not dimmable',
            self::Unknown => 'nobody knows whether dimmable',
        };
    }
}
