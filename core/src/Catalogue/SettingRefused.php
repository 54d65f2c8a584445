<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use DomainException;

/** A value that a setting can't take. */
final class SettingRefused extends DomainException
{
    public static function isNoChoice(Setting $setting): self
    {
        return new self("{$setting->words}: one of ".implode(', ', $setting->choices).'.');
    }

    public static function isNoNumber(Setting $setting): self
    {
        return new self("{$setting->words}: a number".($setting->limits() === '' ? '' : ", {$setting->limits()}").'.');
    }

    public static function isOutside(Setting $setting): self
    {
        return new self("{$setting->words}: {$setting->limits()}.");
    }
}
