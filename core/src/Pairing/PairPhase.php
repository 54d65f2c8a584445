<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** Where the pairing of one slot stands: what the card shows and which button is the big one. */
enum PairPhase: string
{
    /** Nothing is under way */
    case Idle = 'idle';

    /** The hub was asked for a window and has not answered */
    case Opening = 'opening';
    case Waiting = 'waiting';
    case Announced = 'announced';
    case Secured = 'secured';
    case Networked = 'networked';
    case Interviewing = 'interviewing';

    /** A window is open in which it is taken out of whatever network it is in */
    case Excluding = 'excluding';

    /** A window is open, and what it let in is somebody else's already */
    case OpenStill = 'open-still';

    /** A node is in and waits for its slot */
    case Offer = 'offer';

    /** A node is in with a part of what it can do */
    case InPart = 'in-part';
    case Failed = 'failed';

    /**
     * @param  bool  $isOpening  the hub has been asked for a window
     * @param  bool  $isOpen  the hub holds a window open for this slot
     * @param  AttemptState|null  $offered  how the node joined that waits to be matched, if there is one
     */
    public static function of(bool $isOpening, bool $isOpen, ?AttemptState $attempt, ?AttemptState $offered): self
    {
        return match (true) {
            $offered === AttemptState::Joined => self::Offer,
            $offered === AttemptState::InPart => self::InPart,
            $isOpening => self::Opening,
            $isOpen && $attempt?->isOpen() === true => self::from($attempt->value),
            // Its window may be open still: the next one takes its place.
            $attempt?->isFailure() === true => self::Failed,
            $isOpen => self::OpenStill,
            default => self::Idle,
        };
    }

    /** A window is open, or is being opened: no other can be. */
    public function holdsWindow(): bool
    {
        return in_array($this, [self::Opening, self::Waiting, self::Excluding, self::OpenStill], true) || $this->isUnderWay();
    }

    /** The hub has heard the device. */
    public function isHeard(): bool
    {
        return $this === self::Offer || $this->isUnderWay();
    }

    /** The device has spoken, and is not in yet. */
    public function isUnderWay(): bool
    {
        return in_array($this, [self::Announced, self::Secured, self::Networked, self::Interviewing], true);
    }
}
