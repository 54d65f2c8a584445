<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** How an attempt stands or ended. */
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

    public function isOpen(): bool
    {
        return in_array($this, [self::Waiting, self::Announced, self::Interviewing], true);
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
