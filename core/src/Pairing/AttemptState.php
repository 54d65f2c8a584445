<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** How an attempt stands or ended, and what becomes of it on each event. */
enum AttemptState: string
{
    case Waiting = 'waiting';
    case Announced = 'announced';
    case Interviewing = 'interviewing';
    case Joined = 'joined';
    case InPart = 'in-part';
    case Failed = 'failed';
    case WindowEnded = 'window-ended';
    case Silent = 'silent';
    case Stopped = 'stopped';

    /** An event that says nothing about an attempt in this state leaves it as it is. */
    public function after(AttemptEvent $event): self
    {
        return match ($event) {
            AttemptEvent::Announced => $this === self::Waiting ? self::Announced : $this,
            AttemptEvent::Interviewed => $this->isHeard() ? self::Interviewing : $this,
            AttemptEvent::Joined => $this->isHeard() ? self::Joined : $this,
            AttemptEvent::Incomplete => $this->isHeard() ? self::InPart : $this,
            AttemptEvent::TimeUp, AttemptEvent::HubRestarted => match (true) {
                $this === self::Waiting => self::Silent,
                $this->isHeard() => self::WindowEnded,
                default => $this,
            },
            AttemptEvent::ClosedByHand, AttemptEvent::Replaced, AttemptEvent::Refused => $this->isOpen() ? self::Stopped : $this,
            AttemptEvent::OpenedAfterAll => $this === self::Stopped ? self::Waiting : $this,
        };
    }

    public function isOpen(): bool
    {
        return $this === self::Waiting || $this->isHeard();
    }

    /** A device has spoken, and its interview has not ended. */
    public function isHeard(): bool
    {
        return $this === self::Announced || $this === self::Interviewing;
    }

    public function isFailure(): bool
    {
        return in_array($this, [self::InPart, self::Failed, self::WindowEnded, self::Silent], true);
    }

    public function words(): string
    {
        return match ($this) {
            self::Waiting => 'waiting for the device',
            self::Announced => 'heard something',
            self::Interviewing => 'interviewing',
            self::Joined => 'joined',
            self::InPart => 'joined in part',
            self::Failed => 'failed',
            self::WindowEnded => 'the window ended',
            self::Silent => 'the device never spoke',
            self::Stopped => 'stopped by hand',
        };
    }
}
