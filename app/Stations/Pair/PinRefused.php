<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Editing\Refused;
use App\Models\Slot;
use Kavvel\Core\Codes\CodeRefused;

final class PinRefused extends Refused
{
    public static function isNotAsked(Slot $slot): self
    {
        return new self('pin', "The hub asks for no PIN of the {$slot->title()} any more. Open the next window, and give it then.");
    }

    public static function isNotKnown(): self
    {
        return new self('pin', 'That code is not there any more. Type the five digits from the sticker.');
    }

    public static function unreadable(CodeRefused $refused): self
    {
        return new self('pin', $refused->getMessage());
    }
}
