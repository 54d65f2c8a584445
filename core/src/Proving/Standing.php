<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

/** Where a slot stands: the ladder in one word, for plan, list and register alike. */
enum Standing: string
{
    case Planned = 'planned';
    case In = 'in';
    case Proved = 'proved';
    case Fault = 'fault';

    public function words(): string
    {
        return match ($this) {
            self::Planned => 'planned',
            self::In => 'in, not proved',
            self::Proved => 'done',
            self::Fault => 'fault',
        };
    }
}
