<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Pairing\PairAct;
use Kavvel\Core\Pairing\PairPhase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PairActTest extends TestCase
{
    /** @return iterable<string, array{PairAct, PairPhase, list<string>}> the act, the phase, and what is so */
    public static function acts(): iterable
    {
        yield 'nothing speaks against it' => [PairAct::OpenWindow, PairPhase::Idle, []];
        yield 'all at once: the hub' => [PairAct::SettleHub, PairPhase::Idle, ['hub', 'excluded', 'held', 'code', 'fit']];
        yield 'another network has it' => [PairAct::Exclude, PairPhase::Idle, ['excluded', 'held', 'code', 'fit']];
        yield 'it was found elsewhere' => [PairAct::SayItLeft, PairPhase::Idle, ['held', 'code', 'fit']];
        yield 'it has a code' => [PairAct::GiveCode, PairPhase::Idle, ['code', 'fit']];
        yield 'it is not in the wall' => [PairAct::FitFirst, PairPhase::Idle, ['fit']];
        yield 'its code is given while the radio is taken' => [PairAct::GiveCode, PairPhase::Idle, ['code', 'blocked']];
        foreach (['hub', 'excluded', 'held'] as $fact) {
            yield "{$fact}, and the radio is taken" => [PairAct::Wait, PairPhase::Idle, [$fact, 'code', 'blocked']];
        }
        yield 'it is not in the wall, and the radio is taken' => [PairAct::Wait, PairPhase::Idle, ['fit', 'blocked']];
        yield 'only the radio is taken' => [PairAct::Wait, PairPhase::Idle, ['blocked']];
        yield 'it failed' => [PairAct::OpenWindow, PairPhase::Failed, ['hub', 'held', 'code', 'fit']];
        yield 'it failed, and another network has it' => [PairAct::Exclude, PairPhase::Failed, ['excluded']];
        yield 'it failed, and the hub is silent' => [PairAct::Wait, PairPhase::Failed, ['excluded', 'blocked']];
        yield 'it is in with a part' => [PairAct::OpenWindow, PairPhase::InPart, ['fit']];
        yield 'it is waited for' => [PairAct::SayWhatItShows, PairPhase::Waiting, ['hub', 'excluded', 'held', 'code', 'fit', 'blocked']];
        yield 'its light was seen' => [PairAct::Wait, PairPhase::Waiting, ['seen']];
        foreach ([
            PairPhase::Opening, PairPhase::Announced, PairPhase::Secured, PairPhase::Networked, PairPhase::Interviewing,
            PairPhase::Excluding, PairPhase::OpenStill,
        ] as $phase) {
            yield $phase->value => [PairAct::Wait, $phase, ['excluded', 'code']];
        }
        yield 'the hub asks for its PIN' => [PairAct::GivePin, PairPhase::Announced, ['pin', 'blocked', 'code']];
        yield 'it asked before, and the window is over' => [PairAct::OpenWindow, PairPhase::Failed, ['pin']];
    }

    /** @param list<string> $so */
    #[DataProvider('acts')]
    public function test_one_thing_is_to_be_done_next(PairAct $act, PairPhase $phase, array $so): void
    {
        $is = static fn (string $fact): bool => in_array($fact, $so, true);

        self::assertSame($act, PairAct::of(
            $phase,
            $is('seen'),
            $is('blocked'),
            $is('hub'),
            $is('excluded'),
            $is('held'),
            $is('code'),
            $is('fit'),
            $is('pin'),
        ));
    }

    public function test_the_window_opens_all_the_same_where_another_act_is_only_advised(): void
    {
        self::assertSame(
            [PairAct::SettleHub, PairAct::Exclude, PairAct::SayItLeft, PairAct::GiveCode, PairAct::FitFirst],
            array_values(array_filter(PairAct::cases(), static fn (PairAct $one): bool => $one->isAdvice())),
        );
    }
}
