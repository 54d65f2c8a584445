<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\User;
use App\Stations\Asked;
use App\Stations\Move;
use App\Vitals\Away;

/** What the pieces of a bench page are made from. */
final readonly class Bench
{
    /** Of this station; a page links to itself some hundred times. */
    private string $address;

    /**
     * @param  string  $storey  key of the one that is drawn
     * @param  list<Away>  $away  what gives no sign of life behind the page
     * @param  list<SlotCard>  $stack  devices that stand in one place, opened as a list
     */
    public function __construct(
        public JobSheet $sheet,
        public JobCounts $counts,
        public Line $line,
        public string $station,
        public Asked $asked,
        public Move $move,
        public string $storey,
        public ?SlotSheet $open,
        public array $stack,
        public array $away,
        public User $user,
    ) {
        $this->address = route(StationList::route($station), $sheet->job);
    }

    /**
     * The address of this page with something else chosen.
     *
     * @param  array<string, string|null>  $change
     */
    public function url(array $change = []): string
    {
        $query = array_filter([
            'storey' => $this->storey,
            'next' => $this->asked->next,
            'lens' => $this->asked->lens,
            'slot' => $this->open?->card->key(),
            ...$change,
        ], static fn (?string $value): bool => $value !== null);

        return $query === [] ? $this->address : $this->address.'?'.http_build_query($query);
    }

    /** The slot in hand: the one that is open, or the one that the move is about. */
    public function current(): ?string
    {
        return $this->open?->card->key() ?? $this->move->slot;
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
