<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\JobSheet\SlotCard;
use App\Models\SlotFit;
use Kavvel\Core\Fit\HungSlot;

/** A powered blind or a lock, with how far it is. */
final readonly class HungBlind
{
    public function __construct(public SlotCard $card, public SlotFit $fit, public HungSlot $core) {}

    public function key(): string
    {
        return $this->card->key();
    }
}
