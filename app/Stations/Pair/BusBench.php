<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Bus\BusPoint;
use App\Bus\JobBus;
use App\JobSheet\Hub;
use App\JobSheet\HubChoices;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\BusTelegram;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bus\BusCause;
use Kavvel\Core\Bus\PointGuess;
use Kavvel\Core\Bus\Said;
use Kavvel\Core\Protocol\Protocol;

/** The wired bus as its bench shows it: what was heard last, every control point, and what to try where nothing is heard. */
final readonly class BusBench
{
    private const HEARD_SHOWN = 6;

    /**
     * @param  Hub|null  $hub  that hears it over its link
     * @param  list<array{point: BusPoint, card: SlotCard|null}>  $points
     * @param  list<SlotCard>  $devices  of the bus on the plan
     */
    private function __construct(
        public ?Hub $hub,
        public JobBus $bus,
        public array $points,
        public array $devices,
        private JobSheet $sheet,
    ) {}

    public static function of(JobSheet $sheet): self
    {
        $bus = JobBus::of($sheet->job);
        $hub = (new HubChoices($sheet->hubs))->main(Protocol::WiredBus);

        return new self(
            $hub?->opens(Protocol::WiredBus) === true ? $hub : null,
            $bus,
            array_map(static fn (BusPoint $point): array => [
                'point' => $point, 'card' => $sheet->cardOfSlot($point->slotId),
            ], $bus->points),
            array_values($sheet->ofProtocol(Protocol::WiredBus)),
            $sheet,
        );
    }

    /** @return list<BusHeardLine> the latest first */
    public function heard(): array
    {
        $open = array_filter($this->devices, static fn (SlotCard $card): bool => ! $card->isIn());
        $lines = [];
        foreach ($this->bus->telegrams->take(self::HEARD_SHOWN) as $telegram) {
            $point = $this->bus->pointAt($telegram->number);
            $card = $this->sheet->cardOfSlot($point?->slotId) ?? $this->guess($telegram, $point, $open);
            $lines[] = new BusHeardLine($telegram, $point, $card, $this->candidates($telegram, $point, $card, $open));
        }

        return $lines;
    }

    /** @return list<BusCause> why a device may not be heard, the likeliest first */
    public function causes(): array
    {
        $strangers = $this->bus->telegrams->filter(fn (BusTelegram $one): bool => $this->bus->pointAt($one->number) === null);

        return BusCause::ranked($this->bus->telegrams->whereNotNull('said_by')->isNotEmpty(), $strangers->isNotEmpty());
    }

    /** When something was said, with its day where that is another. */
    public function time(Said $said): string
    {
        $at = Carbon::createFromTimestampMs($said->atMs)->onSite();

        return $at->isSameDay(now()->onSite()) ? $at->format('H:i:s') : $at->isoFormat('D MMM, HH:mm');
    }

    /** All that the bench shows, so that a page knows whether it is still right. */
    public function version(): string
    {
        return serialize([
            array_map(static fn (array $one): array => [$one['point'], $one['card']?->key(), $one['card']?->isIn()], $this->points),
            array_map(static fn (SlotCard $card): array => [$card->key(), $card->fullTitle(), $card->isIn()], $this->devices),
            $this->hub?->key(), $this->hub?->silentSince(),
            $this->bus->listening?->only(['id', 'state', 'reason', 'closes_at', 'user_id']),
            $this->bus->telegrams->map(static fn (BusTelegram $one): array => $one->only(['number', 'said_by', 'value', 'at']))->all(),
        ]);
    }

    /**
     * The planned device that a control point is by its name, where nobody has said so.
     *
     * @param  array<int, SlotCard>  $open  that are not in
     */
    private function guess(BusTelegram $telegram, ?BusPoint $point, array $open): ?SlotCard
    {
        $titles = [];
        foreach ($open as $card) {
            $titles[$card->key()] = $card->fullTitle();
        }

        return $point?->heard->isSaidByOwn($telegram->number) === true ? $this->sheet->card(PointGuess::of($point->name(), $titles)) : null;
    }

    /**
     * Planned devices that are not in and may have said this.
     *
     * @param  SlotCard|null  $known  the one that the control point is
     * @param  array<int, SlotCard>  $open  that are not in
     * @return list<SlotCard>
     */
    private function candidates(BusTelegram $telegram, ?BusPoint $point, ?SlotCard $known, array $open): array
    {
        if ($point === null || $telegram->said_by === null) {
            return [];
        }

        return array_values(array_filter(
            $known === null ? $open : [$known],
            static fn (SlotCard $one): bool => ! $one->isIn()
                && $point->heard->mayBe($telegram->number, $one->profile->isActuator(), $known !== null),
        ));
    }
}
