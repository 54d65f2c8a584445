<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Bus\BusPoint;
use App\JobSheet\SlotCard;
use App\Models\BusTelegram;

/** A telegram of the bus as its bench shows it. */
final readonly class BusHeardLine
{
    /**
     * @param  BusPoint|null  $point  null: its project has no such address
     * @param  SlotCard|null  $card  the planned device that the point is
     * @param  list<SlotCard>  $candidates  planned devices that are not in, and may have said it
     */
    public function __construct(public BusTelegram $telegram, public ?BusPoint $point, public ?SlotCard $card, public array $candidates) {}

    /** As its project writes it, where that has it. */
    public function address(): string
    {
        return $this->point?->heard->point->entryAt($this->telegram->number)?->address->text ?? $this->telegram->address;
    }

    /** "12:04:31, from 1.1.12" */
    public function whenAndWho(): string
    {
        $when = $this->telegram->at->onSite()->format('H:i:s');

        return $this->telegram->said_by === null ? "{$when}, said by the hub" : "{$when}, from {$this->telegram->said_by}";
    }
}
