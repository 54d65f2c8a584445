<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use DateTimeImmutable;
use Kavvel\Core\Fit\Act;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\Detector;
use Kavvel\Core\Fit\EnergySource;
use Kavvel\Core\Fit\SourceFound;
use Kavvel\Core\Fit\WorkRefused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Whatever people do at a circuit, in whatever order: nothing is fitted without a proof of the same day. The proof is told here
 * from the acts that were let through, beside the state that they made.
 */
final class AnyOrderTest extends TestCase
{
    private const STEPS = 500;

    private const BOXES = ['hall', 'stair'];

    private const PEOPLE = ['Ada', 'Bo'];

    private const ACTS = [
        'accept', 'look', 'open', 'before', 'live', 'off', 'lock', 'tag', 'dead', 'after', 'fit', 'anew', 'other-breaker', 'back',
        'unlock', 'on',
    ];

    private const WIRES = ['brown', 'black', 'blue', 'green-yellow'];

    private Randomizer $chance;

    private static int $fitted = 0;

    #[DataProvider('seeds')]
    public function test_no_order_of_answers_ends_in_fitted_without_a_proof_of_the_same_day(int $seed): void
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $work = CircuitWork::begin();
        $seen = new ProofSeen;
        $now = new DateTimeImmutable('2026-11-20T08:00:00Z');
        for ($step = 0; $step < self::STEPS; $step++) {
            $now = $now->modify($this->chance->getInt(0, 60) === 0 ? '+1 day' : '+1 minute');
            $act = new Act($this->pick(self::PEOPLE), $now);
            $slot = $this->pick(self::BOXES);
            $kind = $this->chance->getInt(0, 9) < 8 ? $this->usual($work, $slot, $act) : $this->pick(self::ACTS);
            try {
                $work = $this->next($work, $kind, $slot, $act, $seen);
            } catch (WorkRefused) {
                continue;
            }
            if ($kind === 'fit') {
                self::assertTrue($seen->isProved($slot, $act), "fitted at step {$step} of seed {$seed} without a proof");
                self::$fitted++;
            }
            if (! $work->isUnderWay()) {
                self::assertSame([], $work->openBoxes(), "live with a box open, seed {$seed}");
                self::assertSame([], $work->locks, "live under a lock, seed {$seed}");
                $work = CircuitWork::begin();
                $seen = new ProofSeen;
            }
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::assertGreaterThan(10, self::$fitted, 'the orders that were tried fit something now and then');
        self::$fitted = 0;
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 40) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    /** What somebody would do there who follows the steps. */
    private function usual(CircuitWork $work, string $slot, Act $act): string
    {
        $box = $work->box($slot);

        return match (true) {
            ! isset($work->accepted[$act->by]) => 'accept',
            $work->nextSource() !== null => 'look',
            $box === null || ! $box->isOpen() => $this->pick(['open', 'unlock', 'on']),
            $box->stopped !== null => $this->pick(['anew', 'other-breaker', 'back']),
            $box->before !== Detector::Works => 'before',
            $work->liveV === null => 'live',
            $work->off === null => 'off',
            ! isset($work->locks[$act->by]) => 'lock',
            ! $work->hasLockOf($act->by) => 'tag',
            $box->nextPair() !== null => 'dead',
            $box->proved === null => 'after',
            default => 'fit',
        };
    }

    private function next(CircuitWork $work, string $kind, string $slot, Act $act, ProofSeen $seen): CircuitWork
    {
        $detector = $this->chance->getInt(0, 9) === 0 ? Detector::Fails : Detector::Works;
        $volts = $this->pick([...array_fill(0, 40, 0.0), 24.0, 231.0]);
        // Mostly the pair that is next, else any.
        [$a, $b] = $this->chance->getInt(0, 4) === 0
            ? [$this->pick([...self::WIRES, 'earth']), $this->pick([...self::WIRES, 'earth'])]
            : $work->box($slot)?->nextPair() ?? ['brown', 'blue'];

        $next = match ($kind) {
            'accept' => $work->accept($act),
            'look' => $work->look($work->nextSource() ?? EnergySource::Solar, SourceFound::None, $act),
            'open' => $work->open($slot, self::WIRES, $act),
            'before' => $work->proveBefore($slot, $detector, $act),
            'live' => $work->readLive($slot, $this->pick([231.0, 231.0, 12.0]), $act),
            'off' => $work->switchOff($act),
            'lock' => $work->lock($act),
            'tag' => $work->tag($act),
            'dead' => $work->readDead($slot, $a, $b, $volts, $act),
            'after' => $work->proveAfter($slot, $detector, $act),
            'fit' => $work->fit($slot, Boxes::worksheet(), $act),
            'anew' => $work->proveAnew($slot, $act),
            'other-breaker' => $work->notThisBreaker($slot, $act),
            'back' => $work->putBack($slot, $act),
            'unlock' => $work->unlock($act),
            default => $work->switchOn($act),
        };
        match ($kind) {
            'open', 'anew' => $seen->begins($slot),
            'before' => $seen->detector($slot, $detector === Detector::Works),
            'live' => $seen->isLive = true,
            'off' => $seen->isOff = true,
            'lock' => $seen->tagged[$act->by] = false,
            'tag' => $seen->tagged[$act->by] = true,
            'unlock' => $seen->tagged[$act->by] = false,
            'dead' => $seen->reads($slot, $a, $b, $volts),
            'after' => $seen->detectorAgain($slot, $detector === Detector::Works, $act),
            'other-breaker' => $seen->goesOn($slot),
            default => null,
        };

        return $next;
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->chance->getInt(0, count($of) - 1)];
    }
}
