<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** A step at a box, from saying that one may do this work to shutting it with the device in. */
enum WorkStep: string
{
    case Accept = 'accept';
    case Look = 'look';
    case Open = 'open';
    case DetectorBefore = 'detector-before';
    case ReadLive = 'read-live';

    /** On which side of a two-way circuit the box is: read while it is live */
    case TwoWay = 'two-way';
    case SwitchOff = 'switch-off';
    case Lock = 'lock';
    case Tag = 'tag';
    case ReadDead = 'read-dead';
    case DetectorAfter = 'detector-after';
    case Wire = 'wire';

    /** Something was read that was not dead */
    case Stopped = 'stopped';

    /** It was proved dead on another day */
    case Stale = 'stale';

    /** Somebody else works there */
    case OfAnother = 'of-another';

    /** The line on the card, as it is to be done. */
    public function words(): string
    {
        return match ($this) {
            self::Accept => 'Say that you may do this here',
            self::Look => 'Look for every source',
            self::Open => 'Note the conductors',
            self::DetectorBefore => 'Prove the detector on a known source',
            self::ReadLive => 'Read it live',
            self::TwoWay => 'Find the side of the two-way circuit',
            self::SwitchOff => 'Switch it off',
            self::Lock => 'Put your lock on',
            self::Tag => 'Hang your tag on',
            self::ReadDead, self::Stopped => 'Read every pair dead',
            self::DetectorAfter, self::Stale => 'Prove the detector again',
            self::Wire, self::OfAnother => 'Put it in and shut the box',
        };
    }

    /** @return list<self> those of a box from first to last */
    public static function row(bool $isTwoWay, bool $isOff): array
    {
        return array_values(array_filter([
            self::Accept, self::Look, self::Open, self::DetectorBefore, $isOff ? null : self::ReadLive,
            $isTwoWay && ! $isOff ? self::TwoWay : null, $isOff ? null : self::SwitchOff, self::Lock, self::Tag, self::ReadDead,
            self::DetectorAfter, self::Wire,
        ]));
    }

    /**
     * What comes next at a box for a person.
     *
     * @param  bool  $asksSide  its sheet wants one side of a two-way circuit, and nobody has found out which this is
     */
    public static function next(CircuitWork $work, string $slot, Act $now, bool $asksSide): self
    {
        $box = $work->box($slot);
        $isOpen = $box?->isOpen() === true;

        return match (true) {
            $isOpen && $box->opened->by !== $now->by => self::OfAnother,
            ! isset($work->accepted[$now->by]) => self::Accept,
            $work->nextSource() !== null => self::Look,
            ! $isOpen => self::Open,
            $box->stopped !== null => self::Stopped,
            $box->before !== Detector::Works => self::DetectorBefore,
            $work->off === null && $work->liveV === null => self::ReadLive,
            $work->off === null && $asksSide => self::TwoWay,
            $work->off === null => self::SwitchOff,
            ! isset($work->locks[$now->by]) => self::Lock,
            ! $work->hasLockOf($now->by) => self::Tag,
            $box->nextPair() !== null => self::ReadDead,
            $box->proved === null => self::DetectorAfter,
            ! $box->isProvedOnDayOf($now) => self::Stale,
            default => self::Wire,
        };
    }
}
