<?php

declare(strict_types=1);

namespace Kavvel\Core\Survey;

/** How far the survey of a job is, in numbers. */
final readonly class SurveyState
{
    /**
     * @param  int  $suggestions  devices that wants ask for and nobody has planned
     * @param  int  $unknownLoads  plugs of which nobody has said what they feed
     * @param  int  $weak  devices that would not be accepted by the forecast
     */
    public function __construct(
        public int $rooms,
        public int $openQuestions = 0,
        public int $wants = 0,
        public int $suggestions = 0,
        public int $slots = 0,
        public int $hubs = 0,
        public int $unknownLoads = 0,
        public int $openFindings = 0,
        public int $weak = 0,
    ) {}
}
