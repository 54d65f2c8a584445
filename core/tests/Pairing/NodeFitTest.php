<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\NodeFit;
use Kavvel\Core\Pairing\ReportedNode;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\TestCase;

final class NodeFitTest extends TestCase
{
    public function test_the_planned_device_fits(): void
    {
        $fit = $this->fit(Protocol::Zigbee, 'DW-9', ['on-off', 'level', 'identify']);

        self::assertTrue($fit->isExact());
        self::assertTrue($fit->isItsModel());
        self::assertNull($fit->objection());
    }

    public function test_another_model_is_possible_and_said(): void
    {
        $fit = $this->fit(Protocol::Zigbee, 'TW-RELAY-1', ['on-off', 'level']);

        self::assertFalse($fit->isExact());
        self::assertFalse($fit->isItsModel());
        self::assertTrue($fit->isPossible());
        self::assertSame('The plan has DW-9 here, and this is TW-RELAY-1.', $fit->objection());
    }

    public function test_another_protocol_is_impossible(): void
    {
        $fit = $this->fit(Protocol::ZWave, 'DW-9', ['on-off', 'level']);

        self::assertFalse($fit->isPossible());
        self::assertFalse($fit->isExact());
        self::assertFalse($fit->isItsModel());
        self::assertSame('The plan has a Zigbee device here, and this is one of Z-Wave.', $fit->objection());
    }

    public function test_what_is_missing_is_named(): void
    {
        $fit = $this->fit(Protocol::Zigbee, 'DW-9', ['battery']);

        self::assertTrue($fit->isItsModel());
        self::assertFalse($fit->isExact());
        self::assertSame(['on-off', 'level'], $fit->missing);
        self::assertSame('It can’t do all that the plan wants here. Missing: on-off, level.', $fit->objection());
    }

    public function test_a_node_that_has_not_said_its_model_may_be_it(): void
    {
        $fit = $this->fit(Protocol::Zigbee, null, ['on-off', 'level']);

        self::assertFalse($fit->isExact());
        self::assertTrue($fit->isPossible());
        self::assertSame('It has not said which model it is.', $fit->objection());
    }

    /** @param list<string> $capabilities */
    private function fit(Protocol $protocol, ?string $model, array $capabilities): NodeFit
    {
        $profile = Profile::fromInput(Input::of([
            'key' => 'p', 'name' => 'Dimmer', 'model' => 'DW-9', 'protocol' => 'zigbee', 'role' => 'router', 'power' => 'mains',
            'capabilities' => ['on-off', 'level'],
        ]));

        return NodeFit::of($profile, new ReportedNode($protocol, $model, $capabilities));
    }
}
