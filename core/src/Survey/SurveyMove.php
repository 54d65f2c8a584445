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

    /** Wants ask for devices that are not planned */
    case Suggest = 'suggest';

    /** Rooms are there, and nobody has said what is wanted in them */
    case Want = 'want';

    /** What is wanted is noted, and nothing is planned */
    case Plan = 'plan';

    /** Devices are planned, and no hub stands anywhere */
    case Hub = 'hub';

    /** A plug is planned, and nobody has said what it feeds */
    case Feed = 'feed';

    /** Something that no wall explains keeps a radio from working */
    case Settle = 'settle';

    /** A device would not be accepted by the forecast */
    case Look = 'look';
    case GoOn = 'go-on';

    /**
     * Questions first, since their deadline does not wait; then what has to be planned before anything can be said of it; then
     * what no wall explains, since no relay mends it; then the weakest forecast.
     */
    public static function of(SurveyState $state): self
    {
        return match (true) {
            $state->rooms === 0 => self::Measure,
            $state->openQuestions > 0 => self::Ask,
            $state->suggestions > 0 => self::Suggest,
            $state->slots === 0 && $state->wants === 0 => self::Want,
            $state->slots === 0 => self::Plan,
            $state->hubs === 0 => self::Hub,
            $state->unknownLoads > 0 => self::Feed,
            $state->openFindings > 0 => self::Settle,
            $state->weak > 0 => self::Look,
            default => self::GoOn,
        };
    }
}
