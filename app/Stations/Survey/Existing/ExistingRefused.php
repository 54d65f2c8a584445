<?php

declare(strict_types=1);

namespace App\Stations\Survey\Existing;

use App\Editing\Refused;

/** What was asked of a device that was there before can't be written down. */
final class ExistingRefused extends Refused
{
    public static function isNotInCatalogue(): self
    {
        return new self('kind', 'The catalogue does not have it: put its profile there first, or plan another device in its place.');
    }

    public static function isPlanned(): self
    {
        return new self('slot', 'It is on the plan already: somebody planned it in the meantime.');
    }

    public static function stays(): self
    {
        return new self('fate', 'It stays as it is, and is not planned. Say first that it moves over.');
    }
}
