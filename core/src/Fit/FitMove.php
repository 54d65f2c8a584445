<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** The one thing to do now of all that goes into the wall. */
final readonly class FitMove
{
    private function __construct(
        public FitTask $task,
        public ?FittingStop $stop = null,
        public ?WiredSlot $slot = null,
        public ?HungSlot $blind = null,
    ) {}

    /**
     * @param  list<FittingStop>  $stops  in order
     * @param  list<HungSlot>  $blinds  in the order of the plan: they come when nothing is left that goes into the wall
     */
    public static function of(array $stops, array $blinds, string $person): self
    {
        foreach ($stops as $stop) {
            $move = self::at($stop, $person);
            if ($move !== null) {
                return $move;
            }
        }

        foreach ($blinds as $blind) {
            if (! $blind->isDone()) {
                return self::hang($blind);
            }
        }

        return new self(FitTask::Nothing);
    }

    /** What is next for one device. */
    public static function for(WiredSlot $slot, FittingStop $stop): self
    {
        return new self(match ($slot->standing()) {
            FitStanding::NeedsCircuit => FitTask::SayCircuit,
            FitStanding::NeedsBox => FitTask::LookIntoBox,
            FitStanding::DoesNotFit, FitStanding::NeedsChange => FitTask::Settle,
            FitStanding::Ready, FitStanding::UnderWork => FitTask::Work,
            FitStanding::WaitsForPower => FitTask::SwitchOn,
            FitStanding::ToTry => FitTask::TryByHand,
            FitStanding::Done => FitTask::Nothing,
        }, $stop, $slot);
    }

    /** What is next for one blind. */
    public static function hang(HungSlot $blind): self
    {
        return new self(match (true) {
            ! $blind->isFitted => FitTask::Hang,
            ! $blind->isTried => FitTask::TryByHand,
            default => FitTask::Nothing,
        }, blind: $blind);
    }

    /** The key of the slot that it is about. */
    public function key(): ?string
    {
        return $this->slot->key ?? $this->blind?->key;
    }

    private static function at(FittingStop $stop, string $person): ?self
    {
        $work = $stop->work();
        $own = array_filter(
            $stop->of(FitStanding::UnderWork),
            static fn (WiredSlot $one): bool => $work?->box($one->key)?->opened->by === $person,
        );
        $slot = array_values($own)[0]
            ?? $stop->of(FitStanding::ToTry)[0]
            ?? $stop->unsettled()[0]
            ?? $stop->of(FitStanding::Ready)[0]
            ?? null;
        if ($slot !== null) {
            return self::for($slot, $stop);
        }

        return $work?->isUnderWay() === true && $work->openBoxes() === [] ? new self(FitTask::SwitchOn, $stop, $stop->slots[0]) : null;
    }
}
