<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** The width of a 2.4 GHz network in MHz. */
final readonly class WifiWidth
{
    public static function read(Input $width): int
    {
        return in_array($width->wholeFrom(20), [20, 40], true)
            ? $width->wholeFrom(20)
            : throw InvalidInput::outOfRange($width->at, '20 or 40');
    }
}
