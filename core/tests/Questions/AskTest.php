<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Questions;

use Kavvel\Core\Closing\CountDifference;
use Kavvel\Core\Questions\Ask;
use Kavvel\Core\Questions\Source;
use Kavvel\Core\Questions\Treated;
use Kavvel\Core\Questions\Treatment;
use Kavvel\Core\Questions\UnlikeNeighbours;
use Kavvel\Core\Siting\RoomSpots;
use Kavvel\Core\Tests\Siting\RoomSpotsTest;
use PHPUnit\Framework\TestCase;

final class AskTest extends TestCase
{
    public function test_a_count_that_differs_is_asked_about_with_both_who_counted(): void
    {
        [$data, $speaker] = CountDifference::among(['data' => 4, 'speaker' => 1], ['data' => 3, 'speaker' => 2], []);
        $ask = Ask::ofCount($data);

        self::assertSame('count data 4/3', $ask?->about);
        self::assertSame('How many points for data are to be there?', $ask->text);
        self::assertSame('It is built as the plan has it: 3.', $ask->otherwise);
        self::assertSame(['Designer: 4', 'Plan: 3'], array_map(static fn (Source $one): string => $one->words(), $ask->sources));
        self::assertNull($ask->room);
        self::assertSame('count speaker 1/2', Ask::ofCount($speaker)?->about);
    }

    public function test_nobody_is_asked_where_the_two_agree_or_nobody_counted(): void
    {
        [$fitted] = CountDifference::among(['data' => 2], ['data' => 2], ['data' => 3]);
        [$uncounted] = CountDifference::among([], ['data' => 2], ['data' => 3]);

        self::assertNull(Ask::ofCount($fitted));
        self::assertNull(Ask::ofCount($uncounted));
    }

    public function test_a_window_unlike_its_neighbours_is_asked_about_in_its_room(): void
    {
        $plan = RoomSpotsTest::house();
        [$first] = RoomSpots::of($plan, 'kitchen')->windows();
        [$unlike] = UnlikeNeighbours::of($plan, [new Treated(Treatment::Blind, 'kitchen', $first->before())]);
        $ask = Ask::ofUnlike($unlike, 'Kitchen');

        self::assertSame([$unlike->key(), 'kitchen', []], [$ask->about, $ask->room, $ask->sources]);
        self::assertSame('Kitchen, window 2: no blind, and one of its neighbours has one. Is it meant so?', $ask->text);
        self::assertSame('It gets no blind.', $ask->otherwise);
    }
}
