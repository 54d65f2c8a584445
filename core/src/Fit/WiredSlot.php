<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Proving\Outcome;

/** A device for a box in the wall with all that is known of it: its standing follows. */
final readonly class WiredSlot
{
    /**
     * @param  string|null  $circuit  key; null: nobody has said
     * @param  BoxFit|null  $fit  null: nobody has looked into the box
     * @param  CircuitWork|null  $work  under way at its circuit
     * @param  bool  $isTried  by hand, and it works
     * @param  bool  $isOnWrongSide  of a two-way circuit, as its sheet wants it
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
        public bool $isOnWrongSide = false,
    ) {}

    /**
     * What is on its network where it will live has been wired; at the bench it hangs on a test lead. One school pairs before it fits.
     *
     * @param  bool  $isNoted  somebody put it in, and it is on record
     * @param  bool  $isIn  on its network
     */
    public static function isTakenAsFitted(bool $isNoted, bool $isIn, PairingOrder $school): bool
    {
        return $isNoted || ($isIn && $school === PairingOrder::InPlace);
    }

    /** By hand comes before any radio: what is on its network is past it. */
    public static function isTakenAsTried(bool $isIn, ?Outcome $byHand): bool
    {
        return $isIn || in_array($byHand, [Outcome::Passed, Outcome::NotTested], true);
    }

    /** Wired, or put up and taught, before its radio is asked for: only at the bench it hangs on a test lead. */
    public static function isFittedFirst(Profile $profile, PairingOrder $school): bool
    {
        return $school === PairingOrder::InPlace && ($profile->fitSheet !== null || HangStep::of($profile) !== []);
    }

    /** What speaks against putting it in as things stand, in words; null: nothing. */
    public function obstacle(): ?string
    {
        return match (true) {
            $this->fit === null => 'Nobody has looked into its box.',
            $this->fit->worst() !== null => $this->fit->worst()->why,
            $this->isOnWrongSide => 'It is on the side of the two-way circuit that its sheet does not want.',
            default => null,
        };
    }

    public function standing(): FitStanding
    {
        return match (true) {
            $this->isFitted && $this->work?->isOff() === true => FitStanding::WaitsForPower,
            $this->isFitted => $this->isTried ? FitStanding::Done : FitStanding::ToTry,
            $this->work?->box($this->key)?->isOpen() === true => FitStanding::UnderWork,
            $this->circuit === null => FitStanding::NeedsCircuit,
            $this->fit === null => FitStanding::NeedsBox,
            $this->fit->verdict() === FitVerdict::DoesNotFit => FitStanding::DoesNotFit,
            $this->fit->verdict() === FitVerdict::FitsIf, $this->isOnWrongSide => FitStanding::NeedsChange,
            default => FitStanding::Ready,
        };
    }
}
