<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

/** What can be wrong with a device; planted on the Hands page or by the overlay of truth. */
enum Fault: string
{
    case OwnedElsewhere = 'owned-elsewhere';
    case FlatBattery = 'flat-battery';
    case AnswersLate = 'answers-late';
    case HalfInterview = 'half-interview';
    case TwoAtOnce = 'two-at-once';
    case DropsOff = 'drops-off';
    case WrongRegion = 'wrong-region';
    case WrongCode = 'wrong-code';

    public function words(): string
    {
        return match ($this) {
            self::OwnedElsewhere => 'Still owned by another network',
            self::FlatBattery => 'Flat battery',
            self::AnswersLate => 'Answers half a minute late',
            self::HalfInterview => 'Falls asleep halfway through its first interview',
            self::TwoAtOnce => 'A second device announces with it',
            self::DropsOff => 'Drops off when it is moved',
            self::WrongRegion => 'Made for another radio region',
            self::WrongCode => 'The sticker carries another unit’s code',
        };
    }
}
