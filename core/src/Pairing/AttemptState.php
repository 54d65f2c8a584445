<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** How an attempt stands or ended. */
enum AttemptState: string
{
    case Waiting = 'waiting';
    case Announced = 'announced';
    case Secured = 'secured';
    case Networked = 'networked';
    case Interviewing = 'interviewing';
    case Joined = 'joined';
    case InPart = 'in-part';
    case Failed = 'failed';
    case WindowEnded = 'window-ended';
    case Silent = 'silent';
    case Stopped = 'stopped';

    public function isOpen(): bool
    {
        return $this === self::Waiting || $this->isHeard();
    }

    /** A device has spoken, and it is not in yet. */
    public function isHeard(): bool
    {
        return in_array($this, [self::Announced, self::Secured, self::Networked, self::Interviewing], true);
    }

    /** Nothing comes of it any more in the window that it was made in: another try is another attempt. */
    public function isOver(): bool
    {
        return in_array($this, [self::Failed, self::WindowEnded, self::Silent, self::Stopped], true);
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
            self::Secured => 'its keys are settled',
            self::Networked => 'it is on the network',
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
