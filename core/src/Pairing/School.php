<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** The two schools of pairing: where each device will live, or all beside the gateway first. */
enum School: string
{
    case InPlace = 'in-place';
    case AtBench = 'at-bench';
}
