<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Editing\Refused;
use App\JobSheet\SlotCard;
use App\Models\Slot;

/** A device can't be written down by hand as it was asked for. */
final class HandPairingRefused extends Refused
{
    public static function isInAlready(Slot $slot): self
    {
        return new self('address', "The {$slot->title()} has a device already. Take that one away first.");
    }

    public static function overTheLink(SlotCard $card): self
    {
        return new self('address', "The hub opens a window for the {$card->slot->title()}: pair it there, and it is in by itself.");
    }

    public static function addressMissing(): self
    {
        return new self('address', 'Give its address as its controller shows it, for example “node 7”.');
    }

    public static function addressIsTaken(string $address, Slot $other): self
    {
        return new self('address', "{$address} is the {$other->title()} already.");
    }

    public static function addressIsOfAnotherRadio(string $address): self
    {
        return new self('address', "{$address} is a device of another radio.");
    }

    public static function writtenDownByAnother(string $address): self
    {
        return new self('address', "Somebody else wrote down {$address} at this very moment. Look which device it is.");
    }
}
