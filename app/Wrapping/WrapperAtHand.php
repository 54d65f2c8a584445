<?php

declare(strict_types=1);

namespace App\Wrapping;

use App\Bridging\JobBridging;
use App\JobSheet\SlotCard;
use App\Models\EndReading;
use App\Models\Wrapper;
use Kavvel\Core\Bridging\EndBand;
use Kavvel\Core\Bridging\Threshold;

/** Something that a hub is to make of a device, and how far that is: what was measured at both ends, and what follows from it. */
final readonly class WrapperAtHand
{
    private const AT = '/^wrap (\d+)$/';

    /**
     * @param  list<float>  $open  what it said when it was open
     * @param  list<float>  $closed
     * @param  Threshold|null  $threshold  as it follows from them; null: too little was measured, or they tell nothing
     * @param  string|null  $trouble  why they tell nothing
     */
    private function __construct(
        public Wrapper $row,
        public SlotCard $card,
        public string $name,
        public array $open,
        public array $closed,
        public ?Threshold $threshold,
        public ?string $trouble,
        public bool $isDriven,
    ) {}

    /**
     * The one that somebody looks at, or the first that can be made now.
     *
     * @param  bool  $isFree  nothing else is under way
     */
    public static function next(JobBridging $bridging, ?string $at, bool $isFree): ?self
    {
        $asked = preg_match(self::AT, (string) $at, $found) === 1 ? (int) $found[1] : null;
        foreach ($bridging->wrappers as $id => $row) {
            $card = $bridging->sheet->card($row->slot->key);
            $isRight = $row->isMade() && $row->made_name === $bridging->wrapperName($row);
            $isWork = $isFree && ! $isRight && $card?->isIn() === true && $bridging->isWanted((string) $id);
            if ($card !== null && ($asked === null ? $isWork : $row->id === $asked)) {
                return self::of($bridging, $row, $card);
            }
        }

        return null;
    }

    /** It is made, of this device, and called something else by now. */
    public function isRenamed(): bool
    {
        return $this->row->isMade() && $this->row->made_name !== $this->name;
    }

    public function needsReadings(): bool
    {
        return $this->row->wrapping->isMeasured() && $this->threshold === null && $this->trouble === null;
    }

    /** Which end is next: they take turns, so that each drive begins at the other one. */
    public function nextIsOpen(): bool
    {
        return count($this->open) <= count($this->closed) && count($this->open) < EndBand::READINGS
            || count($this->closed) >= EndBand::READINGS;
    }

    public function readingsLeft(): int
    {
        return max(0, EndBand::READINGS - count($this->open)) + max(0, EndBand::READINGS - count($this->closed));
    }

    /** The reading that is on its way, or the last that did not come. */
    public function last(): ?EndReading
    {
        return $this->row->readings->last();
    }

    /** The last that it said there, that it can be taken back. */
    public function lastSaid(): ?EndReading
    {
        $node = $this->row->slot->node_id;

        return $this->row->readings->last(static fn (EndReading $one): bool => $one->value !== null && $one->node_id === $node);
    }

    public function isWaiting(): bool
    {
        return $this->last()?->isUnderWay() === true || $this->row->isAsked();
    }

    /** Why the last drive came to nothing; null: it did not. */
    public function refused(): ?string
    {
        $last = $this->last();

        return match (true) {
            $last === null, $last->value !== null, $last->isUnderWay() => null,
            default => $last->refused ?? 'Nothing was heard of it: see whether it moves, and whether the hub is on.',
        };
    }

    private static function of(JobBridging $bridging, Wrapper $row, SlotCard $card): self
    {
        $threshold = $trouble = null;
        try {
            $threshold = Wrappers::threshold($row);
        } catch (WrapperRefused $refused) {
            $isEnough = $row->band(true) !== null && $row->band(false) !== null;
            $trouble = $isEnough ? $refused->getMessage() : null;
        }

        return new self(
            $row,
            $card,
            $bridging->wrapperName($row),
            $row->saidAt(true),
            $row->saidAt(false),
            $threshold,
            $trouble,
            $card->hub?->opens($card->profile->protocol) === true,
        );
    }
}
