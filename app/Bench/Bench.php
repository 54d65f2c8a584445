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
use App\WhoIsWho\Nobodys;
use Kavvel\Core\WhoIsWho\Tally;

/** What the pieces of a bench page are made from. */
final readonly class Bench
{
    private BenchAddress $address;

    /** @var list<array{key: string, name: string}> the highest first */
    public array $storeys;

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
        $this->address = new BenchAddress($sheet->job, $station, $asked, $storey, $open?->card->key());
        $this->storeys = array_map(
            static fn (array $one): array => ['key' => $one['key'], 'name' => $one['name']],
            $sheet->geometry->storeys,
        );
    }

    /**
     * The address of this page with something else chosen.
     *
     * @param  array<string, string|null>  $change
     */
    public function url(array $change = []): string
    {
        return $this->address->with($change);
    }

    /** The slot in hand: the one that is open, or the one that the move is about. */
    public function current(): ?string
    {
        return $this->open?->card->key() ?? $this->move->slot;
    }

    /** How far the job is. */
    public function tally(): Tally
    {
        return Nobodys::tally($this->sheet);
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
