<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** How what is done at a control gets to the light. */
enum Way: string
{
    /** Over its own conductors */
    case Wire = 'wire';

    /** From device to device: a binding, a group, or the wired bus */
    case Direct = 'direct';

    /** Over the hub, which has a rule for it */
    case Hub = 'hub';

    public function words(): string
    {
        return match ($this) {
            self::Wire => 'by wire',
            self::Direct => 'from device to device',
            self::Hub => 'over the hub',
        };
    }

    public function worksWithoutHub(): bool
    {
        return $this !== self::Hub;
    }

    /** Neither radio nor bus. */
    public function worksWithoutNetwork(): bool
    {
        return $this === self::Wire;
    }
}
