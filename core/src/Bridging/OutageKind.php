<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What may fail. */
enum OutageKind: string
{
    case Internet = 'internet';
    case Power = 'power';
    case Box = 'box';
    case Router = 'router';
}
