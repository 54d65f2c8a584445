<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\JobSheet\SlotCard;
use App\Models\CrossRun;

/** The test from all sides of one device, as a page shows it. */
final readonly class CrossingShown
{
    /**
     * @param  array<string, string>  $places  ids of the device, by ecosystem
     * @param  SlotCard|null  $other  the device that is being tried instead
     * @param  list<string>  $snags  what is raised of it already
     */
    private function __construct(
        public SlotCard $card,
        public array $places,
        public ?CrossRun $run,
        public ?SlotCard $other,
        public array $snags,
    ) {}

    /** @param string|null $at "cross chart-dimmer"; null: something else is looked at, or there is no such device */
    public static function of(JobBridging $bridging, ?string $at): ?self
    {
        $card = preg_match('/^cross (.+)$/', (string) $at, $found) === 1 ? $bridging->sheet->card($found[1]) : null;

        if ($card === null) {
            return null;
        }
        $other = Crossings::underWay($bridging->sheet->job)?->slot_key;

        return new self(
            $card,
            Crossings::places($bridging, $card->key()),
            Crossings::last($bridging->sheet->job, $card),
            $other === null || $other === $card->key() ? null : $bridging->sheet->card($other),
            array_values($bridging->sheet->job->snags()->where('slot_id', $card->slot->id)->where('state', '!=', 'cleared')
                ->pluck('text')->all()),
        );
    }

    public function isUnderWay(): bool
    {
        return $this->run?->isUnderWay() === true;
    }
}
