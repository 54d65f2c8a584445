<?php

declare(strict_types=1);

namespace Kavvel\Core\Survey;

/** What comes next at the survey. */
enum SurveyMove: string
{
    /** There is no room to put anything into */
    case Measure = 'measure';

    /** Only another person can answer, and the answer has a deadline */
    case Ask = 'ask';

    /** Rooms are there, and nothing is planned in them */
    case Plan = 'plan';

    /** Devices are planned, and no hub stands anywhere */
    case Hub = 'hub';

    /** Something that no wall explains keeps a radio from working */
    case Settle = 'settle';

    /** A device would not be accepted by the forecast */
    case Look = 'look';
    case GoOn = 'go-on';

    /**
     * Questions first, since their deadline does not wait; then what has to be planned before anything can be said of it; then
     * what no wall explains, since no relay mends it; then the weakest forecast.
     */
    public static function of(int $rooms, int $openQuestions, int $slots, int $hubs, int $openFindings, int $weak): self
    {
        return match (true) {
            $rooms === 0 => self::Measure,
            $openQuestions > 0 => self::Ask,
            $slots === 0 => self::Plan,
            $hubs === 0 => self::Hub,
            $openFindings > 0 => self::Settle,
            $weak > 0 => self::Look,
            default => self::GoOn,
        };
    }
}
