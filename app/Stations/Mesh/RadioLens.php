<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\Hub;
use App\JobSheet\HubChoices;
use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Radio\MeshMembers;
use Kavvel\Core\Mesh\ReadingAge;
use Kavvel\Core\Protocol\Protocol;

/** One radio of a job: who of it is in, the hub that reads it, and what its last reading says of its devices. */
final readonly class RadioLens
{
    /**
     * @param  int  $in  devices that are in and have this radio
     * @param  Hub|null  $hub  that reads it over its link; null: none does
     * @param  ReadingAge|null  $age  of its last reading; null: it was not read
     */
    private function __construct(
        public Protocol $protocol,
        public int $in,
        public ?Hub $hub,
        public ?ReadingAge $age,
        public int $accepted,
        public int $thin,
        public int $lost,
    ) {}

    /** @return array<string, self> of every radio that devices of the job have, by protocol; meshes first */
    public static function all(JobSheet $sheet, JobCounts $counts): array
    {
        $lenses = [];
        foreach (Protocol::readable() as $protocol) {
            $cards = array_filter($sheet->ofProtocol($protocol), static fn (SlotCard $card): bool => $card->hasRadio());
            if ($cards !== []) {
                $lenses[$protocol->value] = self::of($sheet, $counts, $protocol, $cards);
            }
        }

        return $lenses;
    }

    /**
     * The one to begin with: what is to be read, or has something open, before what is in order.
     *
     * @param  array<string, self>  $lenses
     */
    public static function first(array $lenses): ?self
    {
        foreach ($lenses as $lens) {
            if ($lens->isOpen()) {
                return $lens;
            }
        }

        return array_values($lenses)[0] ?? null;
    }

    public function isOpen(): bool
    {
        return $this->isUnread() || $this->age?->isStale() === true || $this->thin + $this->lost > 0;
    }

    /** Changes can be tried on it: a mesh, whose reading is not older than its devices. */
    public function isTried(): bool
    {
        return $this->protocol->rules()->routes() !== null && $this->age?->isStale() === false;
    }

    /** It could be read, and was not. */
    public function isUnread(): bool
    {
        return $this->hub !== null && $this->in > 0 && $this->age === null;
    }

    /** @param array<array-key, SlotCard> $cards */
    private static function of(JobSheet $sheet, JobCounts $counts, Protocol $protocol, array $cards): self
    {
        $read = $counts->radios[$protocol->value] ?? null;
        $hub = (new HubChoices($sheet->hubs))->main($protocol);

        return new self(
            $protocol,
            count(array_filter($cards, static fn (SlotCard $card): bool => $card->isIn())),
            $hub?->opens($protocol) === true ? $hub : null,
            $read === null ? null : MeshMembers::age($read->members, $read->hub, $sheet, $protocol),
            $read->accepted ?? 0,
            $read->thin ?? 0,
            $read->lost ?? 0,
        );
    }
}
