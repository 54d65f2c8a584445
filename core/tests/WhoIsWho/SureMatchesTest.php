<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\WhoIsWho;

use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\WhoIsWho\SureMatches;
use PHPUnit\Framework\TestCase;

final class SureMatchesTest extends TestCase
{
    public function test_one_of_a_model_and_one_slot_for_it_is_sure(): void
    {
        self::assertSame(['n1' => 'hall'], SureMatches::of(
            ['hall' => Sensors::profile(), 'bath' => Sensors::profile('TH-1')],
            ['n1' => Sensors::node()],
        ));
    }

    public function test_one_that_fits_nowhere_does_not_hide_a_sure_one(): void
    {
        self::assertSame(
            ['n2' => 'hall'],
            SureMatches::of(['hall' => Sensors::profile()], ['n1' => Sensors::node('OTHER'), 'n2' => Sensors::node()]),
        );
    }

    public function test_two_slots_for_it_are_not(): void
    {
        $open = ['hall' => Sensors::profile(), 'bath' => Sensors::profile()];

        self::assertSame([], SureMatches::of($open, ['n1' => Sensors::node()]));
        self::assertSame(['hall', 'bath'], SureMatches::slots($open, Sensors::node()));
    }

    public function test_two_devices_of_the_model_are_not(): void
    {
        self::assertSame([], SureMatches::of(['hall' => Sensors::profile()], ['n1' => Sensors::node(), 'n2' => Sensors::node()]));
    }

    public function test_a_half_one_is_a_rival_and_never_sure_itself(): void
    {
        $open = ['hall' => Sensors::profile()];
        $half = Sensors::node(capabilities: ['battery']);

        self::assertSame([], SureMatches::of($open, ['n1' => $half]));
        self::assertSame([], SureMatches::of($open, ['n1' => $half, 'n2' => Sensors::node()]));
    }

    public function test_another_radio_or_no_model_fits_nowhere(): void
    {
        $open = ['hall' => Sensors::profile()];

        self::assertSame([], SureMatches::slots($open, Sensors::node(protocol: Protocol::ZWave)));
        self::assertSame([], SureMatches::slots($open, Sensors::node(model: null)));
    }
}
