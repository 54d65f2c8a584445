<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Calibrating;

use Kavvel\Core\Calibrating\UnheardPair;
use Kavvel\Core\Calibrating\WallSuspect;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SuspectsTest extends TestCase
{
    public function test_the_wall_that_only_bad_links_pass_is_suspected_first(): void
    {
        $ranked = WallSuspect::ranked(
            [['pantry', 'hall'], ['pantry', 'store', 'pantry'], ['pantry', 'hall']],
            [['hall'], ['hall'], ['kitchen']],
        );

        self::assertSame(
            [['pantry', 3, 0], ['store', 1, 0], ['hall', 2, 2]],
            array_map(static fn (WallSuspect $one): array => [$one->label, $one->bad, $one->good], $ranked),
        );
        self::assertSame(0.5, $ranked[2]->share());
        self::assertSame([true, true, false], array_map(static fn (WallSuspect $one): bool => $one->isLikely(), $ranked), 'as many good');
        self::assertSame([], WallSuspect::ranked([[]], [['hall']]));
        self::assertSame(['1', '2'], array_column(WallSuspect::ranked([['2'], ['1']], []), 'label'), 'a number is a name as well');
    }

    /**
     * @param  list<string>  $alone
     * @param  list<string>  $found
     */
    #[DataProvider('pairs')]
    public function test_a_link_that_should_be_and_is_not_is_told_where_doubt_can_not_explain_it(
        UnheardPair $pair,
        array $alone,
        float $rmseDb,
        array $found,
    ): void {
        self::assertSame($found, $this->keys(UnheardPair::beyondDoubt([$pair], $alone, $rmseDb)));
    }

    /** @return iterable<string, array{UnheardPair, list<string>, float, list<string>}> */
    public static function pairs(): iterable
    {
        $relays = static fn (float $db): UnheardPair => self::pair('hub', 'plug', $db, true);
        yield 'two relays' => [$relays(10.0), [], 3.2, ['hub plug']];
        yield 'too weak to be sure' => [$relays(9.9), [], 0.0, []];
        yield 'the links scatter' => [$relays(14.4), [], 5.0, []];
        yield 'not as much as that' => [$relays(14.5), [], 5.0, ['hub plug']];
        $sensor = self::pair('hub', 'probe', 20.0, false);
        yield 'a sensor that has another parent' => [$sensor, [], 1.0, []];
        yield 'a sensor that nobody hears' => [$sensor, ['probe'], 1.0, ['hub probe']];
    }

    public function test_of_a_device_that_nobody_hears_only_the_best_way_is_told(): void
    {
        $pairs = [
            self::pair('plug', 'probe', 18.0, false), self::pair('hub', 'probe', 24.0, false),
            self::pair('plug', 'other', 15.0, false), self::pair('hub', 'plug', 30.0, true),
        ];

        self::assertSame(['hub plug', 'hub probe', 'plug other'], $this->keys(UnheardPair::beyondDoubt($pairs, ['probe', 'other'], 1.0)));
    }

    private static function pair(string $a, string $b, float $marginDb, bool $isBetweenRelays): UnheardPair
    {
        return new UnheardPair("zigbee {$a} {$b}", $a, $b, $marginDb, $isBetweenRelays);
    }

    /**
     * @param  list<UnheardPair>  $pairs
     * @return list<string>
     */
    private function keys(array $pairs): array
    {
        return array_map(static fn (UnheardPair $pair): string => "{$pair->a} {$pair->b}", $pairs);
    }
}
