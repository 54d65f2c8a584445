<?php

declare(strict_types=1);

namespace App\WhoIsWho;

use App\Editing\Refused;
use App\JobSheet\SlotCard;
use App\Models\Listening;
use App\Models\Slot;

/** Nobody can listen for a device as things stand. */
final class ListeningRefused extends Refused
{
    public static function somebodyListens(Listening $other): self
    {
        return new self(
            'slot',
            "{$other->user->name} listens for the {$other->slot->title()}. One at a time: two that are touched at once can’t be told "
                .'apart. Listen in their place, or wait.',
        );
    }

    public static function notOverTheLink(SlotCard $card): self
    {
        return new self('slot', "No hub hears the {$card->called} over its link. Match it by its address, on its sheet.");
    }

    public static function saysNothing(SlotCard $card): self
    {
        return new self('slot', "No hand makes the {$card->called} speak. Let it blink, and see which one it is.");
    }

    public static function isOver(): self
    {
        return new self('listening', 'Nobody listens for that any more. Listen for it again.');
    }

    public static function isNotSure(Slot $slot): self
    {
        return new self('address', "Another device has spoken meanwhile: which one is the {$slot->title()}? Trigger it once more.");
    }
}
