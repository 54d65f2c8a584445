<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** Where the bands below 1 GHz differ. */
enum Region: string
{
    case Eu = 'EU';
    case Us = 'US';
    case Anz = 'ANZ';

    /** @return list<string> */
    public static function words(): array
    {
        return array_column(self::cases(), 'value');
    }
}
