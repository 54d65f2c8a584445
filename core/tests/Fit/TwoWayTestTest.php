<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use Kavvel\Core\Catalogue\TwoWaySide;
use Kavvel\Core\Fit\TwoWayTest;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TwoWayTestTest extends TestCase
{
    /**
     * @param  list<bool>  $isLive
     * @param  list<bool>  $isLit
     */
    #[DataProvider('readings')]
    public function test_the_common_tells_the_side(array $isLive, array $isLit, ?TwoWaySide $side): void
    {
        $test = TwoWayTest::fromInput(Input::of(['isLive' => $isLive, 'isLit' => $isLit]));

        self::assertSame($side, $test->side());
        self::assertEquals($test, TwoWayTest::fromInput(Input::of($test->row())));
    }

    public function test_a_sheet_may_want_the_other_side(): void
    {
        $line = TwoWayTest::traced(TwoWaySide::Line);

        self::assertTrue($line->isWrongFor(Boxes::dimmer(['twoWay' => 'load'])));
        self::assertFalse($line->isWrongFor(Boxes::dimmer(['twoWay' => 'line'])));
        self::assertFalse($line->isWrongFor(Boxes::dimmer()));
        $untold = TwoWayTest::fromInput(Input::of(['isLive' => [true, true, true, true], 'isLit' => [true, true, true, true]]));
        self::assertFalse($untold->isWrongFor(Boxes::dimmer(['twoWay' => 'load'])));
    }

    public function test_a_side_that_was_traced_dead_counts(): void
    {
        $test = TwoWayTest::traced(TwoWaySide::Load);

        self::assertSame(TwoWaySide::Load, $test->side());
        self::assertSame('Traced dead: it is the load side, where the lamp goes out.', $test->words());
        self::assertEquals($test, TwoWayTest::fromInput(Input::of($test->row())));
    }

    /** @return array<string, array{list<bool>, list<bool>, TwoWaySide|null}> */
    public static function readings(): array
    {
        $lit = [true, false, true, false];
        $dark = [false, true, false, true];
        $always = [true, true, true, true];

        return [
            'always live: the feed' => [$always, $lit, TwoWaySide::Line],
            'always live, begun in the dark' => [$always, $dark, TwoWaySide::Line],
            'as the lamp: the lamp' => [$lit, $lit, TwoWaySide::Load],
            'as the lamp, begun in the dark' => [$dark, $dark, TwoWaySide::Load],
            'never live' => [[false, false, false, false], $lit, null],
            'against the lamp: a traveller' => [$dark, $lit, null],
            'live in one position: a traveller' => [[true, true, false, false], $lit, null],
            'a lamp that stays on' => [$always, $always, null],
            'a lamp that misses one throw' => [$always, [true, false, true, true], null],
            'a lamp that misses the second' => [$always, [true, false, false, true], null],
            'a lamp that misses the first' => [$always, [true, true, false, true], null],
        ];
    }
}
