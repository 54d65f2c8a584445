<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** What an isolation record shows. */
enum IsolationState: string
{
    case ProvedDead = 'proved-dead';
    case Live = 'live';
    case NotProved = 'not-proved';
}
