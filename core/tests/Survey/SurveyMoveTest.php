<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Survey;

use Kavvel\Core\Survey\SurveyMove;
use PHPUnit\Framework\TestCase;

final class SurveyMoveTest extends TestCase
{
    public function test_each_move_waits_for_the_one_before(): void
    {
        self::assertSame(SurveyMove::Measure, SurveyMove::of(0, 1, 0, 0, 1, 1));
        self::assertSame(SurveyMove::Ask, SurveyMove::of(1, 1, 0, 0, 1, 1));
        self::assertSame(SurveyMove::Plan, SurveyMove::of(1, 0, 0, 0, 1, 1));
        self::assertSame(SurveyMove::Hub, SurveyMove::of(1, 0, 1, 0, 1, 1));
        self::assertSame(SurveyMove::Settle, SurveyMove::of(1, 0, 1, 1, 1, 1));
        self::assertSame(SurveyMove::Look, SurveyMove::of(1, 0, 1, 1, 0, 1));
        self::assertSame(SurveyMove::GoOn, SurveyMove::of(1, 0, 1, 1, 0, 0));
    }
}
