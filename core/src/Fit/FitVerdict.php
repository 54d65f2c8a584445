<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** Whether a device may go into a box. */
enum FitVerdict: string
{
    case Fits = 'fits';
    case FitsIf = 'fits-if';
    case DoesNotFit = 'does-not-fit';

    public function words(): string
    {
        return match ($this) {
            self::Fits => 'Fits',
            self::FitsIf => 'Fits with a change',
            self::DoesNotFit => 'Does not fit',
        };
    }
}
