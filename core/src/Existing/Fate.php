<?php

declare(strict_types=1);

namespace Kavvel\Core\Existing;

/** What becomes of a device that is there already. */
enum Fate: string
{
    /** It stays where it is, in what it is in */
    case Keep = 'keep';

    /** It leaves what it is in, and is paired with ours */
    case Move = 'move';

    /** It leaves, and is not used any more */
    case TakeOut = 'take-out';

    public function words(): string
    {
        return match ($this) {
            self::Keep => 'Keep it as it is',
            self::Move => 'Move it over',
            self::TakeOut => 'Take it out',
        };
    }
}
