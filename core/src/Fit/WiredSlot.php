<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** A device for a box in the wall with all that is known of it: its standing follows. */
final readonly class WiredSlot
{
    /**
     * @param  string|null  $circuit  key; null: nobody has said
     * @param  BoxFit|null  $fit  null: nobody has looked into the box
     * @param  CircuitWork|null  $work  under way at its circuit
     * @param  bool  $isTried  by hand, and it works
     * @param  bool  $relays  others reach their hub through it
     */
    public function __construct(
        public string $key,
        public string $room,
        public ?string $circuit,
        public ?BoxFit $fit,
        public ?CircuitWork $work,
        public bool $isFitted,
        public bool $isTried,
        public int $minutes,
        public bool $relays = false,
    ) {}

    public function standing(): FitStanding
    {
        return match (true) {
            $this->isFitted && $this->work?->isOff() === true => FitStanding::WaitsForPower,
            $this->isFitted => $this->isTried ? FitStanding::Done : FitStanding::ToTry,
            $this->work?->box($this->key)?->isOpen() === true => FitStanding::UnderWork,
            $this->circuit === null => FitStanding::NeedsCircuit,
            $this->fit === null => FitStanding::NeedsBox,
            $this->fit->verdict() === FitVerdict::DoesNotFit => FitStanding::DoesNotFit,
            $this->fit->verdict() === FitVerdict::FitsIf => FitStanding::NeedsChange,
            default => FitStanding::Ready,
        };
    }
}
