<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Survey;

use Kavvel\Core\Survey\SurveyMove;
use Kavvel\Core\Survey\SurveyState;
use PHPUnit\Framework\TestCase;

final class SurveyMoveTest extends TestCase
{
    public function test_each_move_waits_for_the_one_before(): void
    {
        $left = [
            'rooms' => 0, 'openQuestions' => 1, 'wants' => 0, 'suggestions' => 1, 'slots' => 0, 'hubs' => 0, 'unknownLoads' => 1,
            'openFindings' => 1, 'weak' => 1,
        ];
        $move = static function (array $done) use (&$left): SurveyMove {
            $left = [...$left, ...$done];

            return SurveyMove::of(new SurveyState(...$left));
        };

        self::assertSame(SurveyMove::Measure, $move([]));
        self::assertSame(SurveyMove::Ask, $move(['rooms' => 1]));
        self::assertSame(SurveyMove::Suggest, $move(['openQuestions' => 0]));
        self::assertSame(SurveyMove::Want, $move(['suggestions' => 0]));
        self::assertSame(SurveyMove::Plan, $move(['wants' => 1]));
        self::assertSame(SurveyMove::Hub, $move(['slots' => 1]));
        self::assertSame(SurveyMove::Feed, $move(['hubs' => 1]));
        self::assertSame(SurveyMove::Settle, $move(['unknownLoads' => 0]));
        self::assertSame(SurveyMove::Look, $move(['openFindings' => 0]));
        self::assertSame(SurveyMove::GoOn, $move(['weak' => 0]));
    }

    public function test_a_job_that_has_devices_and_no_wants_is_not_asked_for_any(): void
    {
        self::assertSame(SurveyMove::GoOn, SurveyMove::of(new SurveyState(rooms: 1, slots: 1, hubs: 1)));
    }
}
