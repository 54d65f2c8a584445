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

    /** Something that no wall explains keeps a radio from working */
    case Settle = 'settle';

    /** A device would not be accepted by the forecast */
    case Look = 'look';
    case GoOn = 'go-on';

    /**
     * Questions first, since their deadline does not wait; then what no wall explains, since no relay mends it; then the
     * weakest forecast.
     */
    public static function of(int $rooms, int $openQuestions, int $openFindings, int $weak): self
    {
        return match (true) {
            $rooms === 0 => self::Measure,
            $openQuestions > 0 => self::Ask,
            $openFindings > 0 => self::Settle,
            $weak > 0 => self::Look,
            default => self::GoOn,
        };
    }
}
