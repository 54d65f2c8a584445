<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

enum Verdict: string
{
    case Accepted = 'accepted';
    case Thin = 'thin';
    case Lost = 'lost';

    /** The more, the worse. */
    public function rank(): int
    {
        return match ($this) {
            self::Accepted => 0,
            self::Thin => 1,
            self::Lost => 2,
        };
    }
}
