<?php

declare(strict_types=1);

namespace App\Stations\Survey\Measure;

use App\Editing\Refused;

/** What was measured can't be written down. */
final class MeasureRefused extends Refused
{
    public static function openingIsGone(): self
    {
        return new self('opening', 'That window or door is no longer on the plan, or has moved. What is there is shown anew.');
    }
}
