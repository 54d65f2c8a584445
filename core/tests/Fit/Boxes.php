<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use DateTimeImmutable;
use Kavvel\Core\Catalogue\FitSheet;
use Kavvel\Core\Catalogue\LoadKind;
use Kavvel\Core\Catalogue\WireRole;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Fit\Act;
use Kavvel\Core\Fit\BoxFit;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\Detector;
use Kavvel\Core\Fit\EnergySource;
use Kavvel\Core\Fit\Evidence;
use Kavvel\Core\Fit\FitCase;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\NeutralFound;
use Kavvel\Core\Fit\SourceFound;
use Kavvel\Core\Fit\SwitchedLoad;
use Kavvel\Core\Fit\Wire;
use Kavvel\Core\Fit\Worksheet;
use Kavvel\Core\Input\Input;

/** Devices, boxes and conductors that tests begin with: all of it fits, and is wired soundly. */
final readonly class Boxes
{
    public const CONDUCTORS = ['brown', 'black', 'blue', 'green-yellow'];

    /** @param array<string, mixed> $other */
    public static function dimmer(array $other = []): FitSheet
    {
        return FitSheet::fromInput(Input::of([
            'depthMm' => 38, 'gangs' => 1, 'neutral' => 'either', 'leastLoadW' => ['neutral' => 3, 'noNeutral' => 20],
            'limitsW' => ['led' => 100, 'resistive' => 250], 'dimmer' => true, 'derating' => [1, 0.8, 0.7],
            'terminals' => [
                ['mark' => 'L', 'takes' => 'line'], ['mark' => 'N', 'takes' => 'neutral', 'needed' => false],
                ['mark' => 'O', 'takes' => 'switched'], ['mark' => 'S', 'takes' => 'asking', 'needed' => false],
            ],
            ...$other,
        ]));
    }

    public static function box(float $depthMm = 60, int $cables = 2, NeutralFound $neutral = NeutralFound::Own, int $ganged = 1): FoundBox
    {
        return new FoundBox($depthMm, 0, $cables, $ganged, $neutral);
    }

    public static function lamps(float $watts = 7, int $count = 6, Dimmable $dimmable = Dimmable::Yes): SwitchedLoad
    {
        return new SwitchedLoad(LoadKind::Led, $watts, $count, $dimmable, false);
    }

    public static function fit(): BoxFit
    {
        return BoxFit::of(FitCase::of(self::dimmer(), self::box(), [self::lamps()]));
    }

    /** @return list<Wire> */
    public static function wires(): array
    {
        return [
            new Wire('brown', 'COM', WireRole::Line, Evidence::AlwaysLive, 'L'),
            new Wire('black', 'L1', WireRole::Switched, Evidence::FollowsLamp, 'O'),
            new Wire('blue', 'a connector', WireRole::Neutral, Evidence::Continuity, 'N'),
            new Wire('green-yellow', 'the box', WireRole::Earth, Evidence::Continuity, Wire::BOX_EARTH),
        ];
    }

    public static function worksheet(): Worksheet
    {
        return Worksheet::of(self::wires(), self::dimmer(), self::box(), true);
    }

    public static function act(string $by = 'Ada', string $at = '2026-11-20T10:00:00Z'): Act
    {
        return new Act($by, new DateTimeImmutable($at));
    }

    /** Up to the box that is begun at, all sources looked for. */
    public static function opened(string $slot = 'hall', string $by = 'Ada'): CircuitWork
    {
        $work = CircuitWork::begin()->accept(self::act($by));
        foreach (EnergySource::cases() as $source) {
            $work = $work->look($source, SourceFound::None, self::act($by));
        }

        return $work->open($slot, self::CONDUCTORS, self::act($by));
    }

    /** Off, locked and tagged, read live before. */
    public static function off(string $slot = 'hall', string $by = 'Ada'): CircuitWork
    {
        return self::opened($slot, $by)
            ->proveBefore($slot, Detector::Works, self::act($by))
            ->readLive($slot, 231, self::act($by))
            ->switchOff(self::act($by))
            ->lock(self::act($by))
            ->tag(self::act($by));
    }

    public static function read(CircuitWork $work, string $slot = 'hall', string $by = 'Ada', float $volts = 0): CircuitWork
    {
        for ($pair = $work->box($slot)?->nextPair(); $pair !== null; $pair = $work->box($slot)?->nextPair()) {
            $work = $work->readDead($slot, $pair[0], $pair[1], $volts, self::act($by));
        }

        return $work;
    }

    public static function dead(string $slot = 'hall', string $by = 'Ada'): CircuitWork
    {
        return self::read(self::off($slot, $by), $slot, $by)->proveAfter($slot, Detector::Works, self::act($by));
    }
}
