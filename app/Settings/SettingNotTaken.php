<?php

declare(strict_types=1);

namespace App\Settings;

use App\Editing\Refused;
use App\Models\Slot;
use Kavvel\Core\Catalogue\SettingRefused;

/** A setting that can't be written down. */
final class SettingNotTaken extends Refused
{
    public static function because(SettingRefused $refused): self
    {
        return new self('value', $refused->getMessage());
    }

    public static function hasNone(Slot $slot): self
    {
        return new self('setting', "The {$slot->title()} has no such setting: another device is planned there now.");
    }
}
