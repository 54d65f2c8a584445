<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Coverage;

use Kavvel\Core\Coverage\HubAdvice;
use Kavvel\Core\Coverage\HubPlace;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HubAdviceTest extends TestCase
{
    /** @param array{int, int, float|null} $tried */
    #[DataProvider('trials')]
    public function test_a_place_that_is_tried_is_worth_the_move_or_not(HubAdvice $advice, array $tried): void
    {
        $now = new HubPlace('now', 3, 1, 15.0);

        self::assertSame($advice, HubAdvice::of($now, new HubPlace('tried', ...$tried), new HubPlace('best', 0, 0, 40.0)));
    }

    /** @return array<string, array{HubAdvice, array{int, int, float|null}}> */
    public static function trials(): array
    {
        return [
            'fewer open' => [HubAdvice::Move, [2, 2, 9.0]], 'more open' => [HubAdvice::Leave, [4, 0, 30.0]],
            'as many open, fewer lost' => [HubAdvice::Move, [3, 0, 9.0]], 'more lost' => [HubAdvice::Leave, [3, 2, 30.0]],
            'much firmer' => [HubAdvice::Move, [3, 1, 18.0]], 'hardly firmer' => [HubAdvice::Leave, [3, 1, 17.9]],
            'nothing reached' => [HubAdvice::Leave, [3, 1, null]], 'the same' => [HubAdvice::Leave, [3, 1, 15.0]],
        ];
    }

    public function test_where_every_device_is_accepted_no_mean_moves_the_hub(): void
    {
        $now = new HubPlace('now', 0, 0, 13.0);
        $firmer = new HubPlace('tried', 0, 0, 40.0);

        self::assertSame(HubAdvice::Leave, HubAdvice::of($now, $firmer, $firmer));
    }

    public function test_another_place_is_tried_only_where_it_has_more_accepted(): void
    {
        $now = new HubPlace('now', 3, 1, 15.0);

        self::assertSame(HubAdvice::Try, HubAdvice::of($now, null, new HubPlace('best', 2, 2, 9.0)));
        self::assertSame(HubAdvice::AddRelays, HubAdvice::of($now, null, new HubPlace('best', 3, 0, 30.0)));
        self::assertSame(HubAdvice::AddRelays, HubAdvice::of($now, null, $now));
        self::assertSame(HubAdvice::Stay, HubAdvice::of(new HubPlace('now', 0, 0, 13.0), null, new HubPlace('best', 0, 0, 40.0)));
    }
}
