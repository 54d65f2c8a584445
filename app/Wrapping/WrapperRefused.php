<?php

declare(strict_types=1);

namespace App\Wrapping;

use App\Editing\Refused;
use Kavvel\Core\Bridging\BandsTooClose;
use Kavvel\Core\Bridging\EndBand;

/** What a hub is to make of a device can't be made like that. */
final class WrapperRefused extends Refused
{
    public static function isNotLost(): self
    {
        return new self('wrapping', 'Nothing of that gets lost there any more, or the hub can’t make it of it. Look at the paths again.');
    }

    public static function isNotOverTheLink(): self
    {
        return new self('reading', 'No hub has a link to it: drive it to its end by its own key, and read off what the hub says.');
    }

    public static function isDriven(string $by): self
    {
        return new self('reading', "{$by} drives it just now: wait until it stands still.");
    }

    public static function isNotIn(): self
    {
        return new self('reading', 'The device is not in: pair it first.');
    }

    public static function isNotMeasured(): self
    {
        return new self('wrapping', 'Drive it to both of its ends first, '.EndBand::READINGS.' times each.');
    }

    public static function isBeingMade(): self
    {
        return new self('wrapping', 'The hub is told to make it just now: wait for its answer, then do without it.');
    }

    public static function isNoDefault(string $default): self
    {
        return new self('default', "It can’t begin as “{$default}”.");
    }

    public static function tellsNothing(BandsTooClose $alike): self
    {
        return new self('wrapping', $alike->getMessage());
    }
}
