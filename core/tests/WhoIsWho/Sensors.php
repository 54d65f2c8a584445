<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\WhoIsWho;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\ReportedNode;
use Kavvel\Core\Protocol\Protocol;

/** Small devices to be told apart. */
final readonly class Sensors
{
    /** @param list<string> $capabilities */
    public static function profile(string $model = 'MAG-1', array $capabilities = ['contact']): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => 'p', 'name' => 'Sensor', 'model' => $model, 'protocol' => 'zigbee', 'role' => 'end', 'power' => 'battery',
            'capabilities' => $capabilities,
        ]));
    }

    /** @param list<string> $capabilities */
    public static function node(
        ?string $model = 'MAG-1',
        array $capabilities = ['contact'],
        Protocol $protocol = Protocol::Zigbee,
    ): ReportedNode {
        return new ReportedNode($protocol, $model, $capabilities);
    }
}
