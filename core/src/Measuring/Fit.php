<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

/** Whether something fits, as far as it was measured. */
enum Fit
{
    case Fits;
    case Unmeasured;
    case No;
}
