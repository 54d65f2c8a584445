<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\User;
use App\Plan\Drawing;
use App\Stations\Move;
use App\Stations\Station;

/** A whole page of the bench: line, plan, move, and the slot that is open beside it. */
final readonly class Bench
{
    /** Of this station; a page links to itself some hundred times. */
    private string $address;

    /** @param list<SlotCard> $stack devices that stand in one place, opened as a list */
    public function __construct(
        public JobSheet $sheet,
        public Line $line,
        public Station $station,
        public Move $move,
        public Drawing $drawing,
        public ?SlotSheet $open,
        public array $stack,
        public int $openSnags,
        public User $user,
        public string $liveUrl,
    ) {
        $this->address = route($station->route(), $sheet->job);
    }

    /**
     * The address of this page with something else chosen.
     *
     * @param  array<string, string|null>  $change
     */
    public function url(array $change = []): string
    {
        $query = array_filter([
            'storey' => $this->drawing->storey,
            'slot' => $this->open?->card->key(),
            ...$change,
        ], static fn (?string $value): bool => $value !== null);

        return $query === [] ? $this->address : $this->address.'?'.http_build_query($query);
    }

    public function mayWork(): bool
    {
        return $this->user->can('work', $this->sheet->job);
    }

    public function mayLead(): bool
    {
        return $this->user->can('lead', $this->sheet->job);
    }
}
