<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

enum Chemistry: string
{
    case Lithium = 'lithium';
    case Alkaline = 'alkaline';

    /** Share of the charge lost in a year (assumption) */
    public function selfDischargePerYear(): float
    {
        return $this === self::Alkaline ? 0.03 : 0.01;
    }

    /** No forecast goes beyond this (assumption) */
    public function mostYears(): float
    {
        return $this === self::Alkaline ? 10.0 : 15.0;
    }
}
