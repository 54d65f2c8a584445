<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Wants;

use Kavvel\Core\Site\SpotKind;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Siting\Spot;
use Kavvel\Core\Wants\Candidate;
use Kavvel\Core\Wants\Drawbacks;
use Kavvel\Core\Wants\FewestDevices;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class FewestDevicesTest extends TestCase
{
    public function test_one_that_does_three_things_goes_before_three_that_do_one_each(): void
    {
        $chosen = FewestDevices::of(3, [
            self::candidate('a', 0b001), self::candidate('b', 0b010), self::candidate('c', 0b100),
            self::candidate('all', 0b111, stateless: true),
        ]);

        self::assertSame(['room all'], self::ids($chosen));
    }

    public function test_among_as_many_the_least_that_speaks_against_them_decides_and_then_the_id(): void
    {
        self::assertSame(['room b'], self::ids(FewestDevices::of(1, [
            self::candidate('a', 1, stateless: true), self::candidate('b', 1), self::candidate('c', 1),
        ])));
        self::assertSame([], FewestDevices::of(0, []));
    }

    public function test_no_set_of_candidates_does_better(): void
    {
        $chance = new Randomizer(new Mt19937(7));
        $sizes = [];
        for ($try = 0; $try < 150; $try++) {
            $demands = $chance->getInt(1, 6);
            $candidates = array_map(
                static fn (int $number): Candidate => self::candidate(
                    chr(96 + $number),
                    $chance->getInt(1, (1 << $demands) - 1) & $chance->getInt(1, (1 << $demands) - 1) ?: 1,
                    $chance->getInt(0, 2) === 0,
                    $chance->getInt(0, 2) === 0,
                ),
                range(1, 8),
            );
            $reached = array_reduce($candidates, static fn (int $all, Candidate $one): int => $all | $one->mask, 0);
            if ($reached !== (1 << $demands) - 1) {
                continue;
            }
            $chosen = FewestDevices::of($demands, $candidates);
            self::assertSame($reached, array_reduce($chosen, static fn (int $all, Candidate $one): int => $all | $one->mask, 0));
            self::assertSame(self::bestOfAll($candidates, $reached), self::cost($chosen));
            $sizes[count($chosen)] = true;
        }
        self::assertGreaterThan(2, count($sizes));
    }

    /**
     * @param  list<Candidate>  $candidates
     * @return list<mixed> by trying every set
     */
    private static function bestOfAll(array $candidates, int $wanted): array
    {
        $best = null;
        for ($set = 1; $set < 1 << count($candidates); $set++) {
            $some = array_values(array_filter($candidates, static fn (int $n): bool => ($set >> $n & 1) === 1, ARRAY_FILTER_USE_KEY));
            $reached = array_reduce($some, static fn (int $all, Candidate $one): int => $all | $one->mask, 0);
            if ($reached === $wanted && ($best === null || self::cost($some) < $best)) {
                $best = self::cost($some);
            }
        }

        return $best ?? [];
    }

    /**
     * @param  list<Candidate>  $some
     * @return list<mixed>
     */
    private static function cost(array $some): array
    {
        $drawbacks = Drawbacks::none();
        foreach ($some as $one) {
            $drawbacks = $drawbacks->plus($one->drawbacks);
        }
        $ids = self::ids($some);
        sort($ids);

        return [count($some), $drawbacks->counts, $ids];
    }

    /**
     * @param  list<Candidate>  $some
     * @return list<string>
     */
    private static function ids(array $some): array
    {
        return array_map(static fn (Candidate $one): string => $one->id(), $some);
    }

    private static function candidate(string $key, int $mask, bool $stateless = false, bool $unspoken = false): Candidate
    {
        $profile = Shelf::profile($key, ['capabilities' => ['temperature'], 'stateless' => $stateless]);

        return new Candidate(
            null,
            $profile,
            new Spot(SpotKind::Wall, 'wall', new Vec3(0, 0, 0)),
            $mask,
            [],
            Drawbacks::of($profile, ! $unspoken, null, 0, []),
        );
    }
}
