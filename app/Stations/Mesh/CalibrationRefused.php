<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Editing\Refused;

/** What was measured can't become what forecasts go by. */
final class CalibrationRefused extends Refused
{
    public static function areTooFew(int $links): self
    {
        return new self('calibration', "{$links} usable links say too little of the house: read more of its radios first.");
    }

    public static function hasChanged(): self
    {
        return new self('calibration', 'A radio was read, or a device moved, in the meantime: look at the numbers again.');
    }
}
