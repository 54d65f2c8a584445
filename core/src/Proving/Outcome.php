<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

enum Outcome: string
{
    case Passed = 'passed';
    case Failed = 'failed';
    case NotTested = 'not-tested';
}
