<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\Detector;
use Kavvel\Core\Fit\EnergySource;
use Kavvel\Core\Fit\SourceFound;
use Kavvel\Core\Fit\WorkStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WorkStepTest extends TestCase
{
    #[DataProvider('states')]
    public function test_each_state_has_its_next_step(CircuitWork $work, WorkStep $step, string $by = 'Ada', bool $asksSide = false): void
    {
        self::assertSame($step, WorkStep::next($work, 'hall', Boxes::act($by), $asksSide));
    }

    /** @return array<string, array{0: CircuitWork, 1: WorkStep, 2?: string, 3?: bool}> */
    public static function states(): array
    {
        $ada = Boxes::act();
        $accepted = CircuitWork::begin()->accept($ada);
        $proving = Boxes::opened()->proveBefore('hall', Detector::Works, $ada);
        $live = $proving->readLive('hall', 231, $ada);
        $off = $live->switchOff($ada);
        $read = Boxes::read(Boxes::off());

        return [
            'nothing yet' => [CircuitWork::begin(), WorkStep::Accept],
            'accepted' => [$accepted, WorkStep::Look],
            'accepted by another' => [$accepted, WorkStep::Accept, 'Bo'],
            'one source looked for' => [$accepted->look(EnergySource::SecondCircuit, SourceFound::None, $ada), WorkStep::Look],
            'all sources looked for' => [Boxes::opened('stair'), WorkStep::Open],
            'a box begun at' => [Boxes::opened(), WorkStep::DetectorBefore],
            'a box of another' => [Boxes::opened(), WorkStep::OfAnother, 'Bo'],
            'a detector that fails' => [Boxes::opened()->proveBefore('hall', Detector::Fails, $ada), WorkStep::DetectorBefore],
            'the detector proved' => [$proving, WorkStep::ReadLive],
            'the detector proved, the side asked' => [$proving, WorkStep::ReadLive, 'Ada', true],
            'read live' => [$live, WorkStep::SwitchOff],
            'read live, the side asked' => [$live, WorkStep::TwoWay, 'Ada', true],
            'off' => [$off, WorkStep::Lock],
            'off, the side asked too late' => [$off, WorkStep::Lock, 'Ada', true],
            'locked' => [$off->lock($ada), WorkStep::Tag],
            'tagged' => [Boxes::off(), WorkStep::ReadDead],
            'every pair read' => [$read, WorkStep::DetectorAfter],
            'proved' => [Boxes::dead(), WorkStep::Wire],
            'not dead' => [Boxes::off()->readDead('hall', 'brown', 'blue', 24, $ada), WorkStep::Stopped],
            'put back' => [Boxes::dead()->putBack('hall', $ada), WorkStep::Open],
        ];
    }

    public function test_a_proof_of_another_day_is_made_anew(): void
    {
        self::assertSame(WorkStep::Stale, WorkStep::next(Boxes::dead(), 'hall', Boxes::act(at: '2026-11-21T09:00:00Z'), false));
    }

    public function test_the_row_leaves_out_what_is_done_for_the_second_box_of_a_circuit(): void
    {
        self::assertSame([
            WorkStep::Accept, WorkStep::Look, WorkStep::Open, WorkStep::DetectorBefore, WorkStep::ReadLive, WorkStep::TwoWay,
            WorkStep::SwitchOff, WorkStep::Lock, WorkStep::Tag, WorkStep::ReadDead, WorkStep::DetectorAfter, WorkStep::Wire,
        ], WorkStep::row(true, false));
        self::assertNotContains(WorkStep::TwoWay, WorkStep::row(false, false));
        self::assertSame([
            WorkStep::Accept, WorkStep::Look, WorkStep::Open, WorkStep::DetectorBefore, WorkStep::Lock, WorkStep::Tag, WorkStep::ReadDead,
            WorkStep::DetectorAfter, WorkStep::Wire,
        ], WorkStep::row(true, true));
    }
}
