<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Proving;

use Kavvel\Core\Proving\Ladder;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Proof;
use Kavvel\Core\Proving\ReliabilityTrial;
use Kavvel\Core\Proving\Rung;
use Kavvel\Core\Proving\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProvingTest extends TestCase
{
    #[DataProvider('trials')]
    public function test_the_smallest_number_of_presses_that_shows_a_reliability(float $reliability, float $confidence, int $trials): void
    {
        self::assertSame($trials, ReliabilityTrial::trialsFor($reliability, $confidence));
    }

    /** @return list<array{float, float, int}> */
    public static function trials(): array
    {
        return [[0.9, 0.9, 22], [0.5, 0.5, 1], [0.95, 0.95, 59], [0.99, 0.9, 230], [0.1, 0.01, 1], [0.5, 0.75, 2]];
    }

    public function test_one_press_less_would_not_do(): void
    {
        foreach ([[0.9, 0.9], [0.8, 0.95], [0.97, 0.6]] as [$reliability, $confidence]) {
            $n = ReliabilityTrial::trialsFor($reliability, $confidence);
            self::assertGreaterThanOrEqual($confidence - 1e-9, 1 - $reliability ** $n);
            self::assertLessThan($confidence - 1e-9, 1 - $reliability ** ($n - 1));
        }
    }

    #[DataProvider('judgements')]
    public function test_wilson_decides_when_there_are_misses(int $hits, int $trials, string $verdict): void
    {
        self::assertSame($verdict, ReliabilityTrial::judge($hits, $trials, 0.9)->verdict);
    }

    /** @return list<array{int, int, string}> */
    public static function judgements(): array
    {
        return [
            [22, 22, 'pass'], [21, 21, 'more'], [18, 20, 'more'], [5, 20, 'fail'], [0, 3, 'fail'], [990, 1000, 'pass'], [1, 1, 'more'],
        ];
    }

    public function test_the_interval_holds_the_share_and_stays_between_nothing_and_all(): void
    {
        foreach ([[0, 5], [3, 7], [5, 5], [999, 1000]] as [$hits, $trials]) {
            $judged = ReliabilityTrial::judge($hits, $trials, 0.9);
            self::assertGreaterThanOrEqual(0.0, $judged->low);
            self::assertLessThanOrEqual(1.0, $judged->high);
            self::assertLessThanOrEqual($hits / $trials + 1e-9, $judged->low);
            self::assertGreaterThanOrEqual($hits / $trials - 1e-9, $judged->high);
        }
    }

    public function test_the_ladder_is_the_status(): void
    {
        $passed = Outcome::Passed;

        self::assertSame(Standing::Planned, $this->ladder([], false)->standing());
        self::assertSame(Standing::Planned, $this->ladder(['hand' => $passed], false)->standing());
        self::assertSame(Standing::In, $this->ladder(['radio' => $passed], true)->standing());
        self::assertSame(
            Standing::In,
            $this->ladder(['hand' => Outcome::NotTested, 'radio' => $passed, 'hub' => $passed], true)->standing(),
            'not tested is not shown',
        );
        self::assertSame(Standing::Proved, $this->ladder(['hand' => $passed, 'radio' => $passed, 'hub' => $passed], true)->standing());
        self::assertSame(
            Standing::Fault,
            $this->ladder(['hand' => $passed, 'radio' => $passed, 'hub' => Outcome::Failed], true)->standing(),
        );
    }

    public function test_a_rung_is_offered_as_soon_as_its_hop_is_made(): void
    {
        $planned = $this->ladder([], false);
        $joined = $this->ladder(['hand' => Outcome::Passed], true);

        self::assertSame([true, false, false], array_map($planned->offers(...), $planned->steps));
        self::assertSame([true, true, true], array_map($joined->offers(...), $joined->steps));
        self::assertSame(Rung::Radio, $joined->next()?->rung);
    }

    public function test_the_fault_is_the_lowest_rung_that_failed(): void
    {
        $ladder = $this->ladder(['hand' => Outcome::Passed, 'radio' => Outcome::Failed, 'hub' => Outcome::Failed], true);

        self::assertSame(Rung::Radio, $ladder->fault()?->rung);
        self::assertSame(1, $ladder->passed());
        self::assertNull($this->ladder([], true)->fault());
        self::assertNull($this->ladder(
            ['hand' => Outcome::NotTested, 'radio' => Outcome::Passed, 'hub' => Outcome::Passed],
            true,
        )->next());
    }

    /** @param array<string, Outcome> $outcomes by rung */
    private function ladder(array $outcomes, bool $isJoined): Ladder
    {
        return Ladder::of(
            array_map(
                static fn (string $rung, Outcome $outcome): Proof => new Proof(Rung::from($rung), $outcome, 7),
                array_keys($outcomes),
                $outcomes,
            ),
            7,
            $isJoined,
        );
    }
}
