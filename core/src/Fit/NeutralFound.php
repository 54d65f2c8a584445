<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** The neutral that was found in a box. */
enum NeutralFound: string
{
    /** Of the same circuit, behind the same residual-current device */
    case Own = 'own';

    /** Of another circuit */
    case Borrowed = 'borrowed';

    case None = 'none';

    public function words(): string
    {
        return match ($this) {
            self::Own => 'a neutral of its own circuit',
            self::Borrowed => 'a neutral of another circuit',
            self::None => 'no neutral',
        };
    }
}
