<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Fit\Alternative;
use Kavvel\Core\Fit\Alternatives;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\NeutralFound;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\TestCase;

final class AlternativesTest extends TestCase
{
    public function test_what_goes_in_is_offered_what_fits_as_it_is_first(): void
    {
        $planned = self::device('planned', ['neutral' => 'needed', 'depthMm' => 20]);
        $catalogue = [
            $planned,
            self::device('needs-neutral', ['neutral' => 'needed', 'depthMm' => 20]),
            self::device('deep', ['neutral' => 'not-needed', 'depthMm' => 50]),
            self::device('b-other-radio', ['neutral' => 'not-needed', 'depthMm' => 20], 'zwave', ['on-off', 'level']),
            self::device('c-switches', ['neutral' => 'not-needed', 'depthMm' => 20]),
            self::device('d-dims', ['neutral' => 'not-needed', 'depthMm' => 20], 'zigbee', ['on-off', 'level']),
            self::device('a-switches', ['neutral' => 'not-needed', 'depthMm' => 20]),
            self::device('socket', ['neutral' => 'not-needed', 'depthMm' => 20], 'zigbee', ['on-off'], 'socket'),
            Profile::fromInput(Input::of([
                'key' => 'loose', 'name' => 'Loose', 'model' => 'X', 'protocol' => 'zigbee', 'role' => 'end', 'power' => 'mains',
                'capabilities' => ['on-off'],
            ])),
        ];
        $box = new FoundBox(47, 0, 2, 1, NeutralFound::None);
        $planned = self::device('planned', ['neutral' => 'needed', 'depthMm' => 20], 'zigbee', ['on-off', 'level']);

        self::assertSame(
            ['d-dims', 'a-switches', 'c-switches', 'b-other-radio', 'deep'],
            array_map(
                static fn (Alternative $one): string => $one->profile->key,
                Alternatives::of($planned, $catalogue, $box, [Boxes::lamps()]),
            ),
        );
    }

    public function test_what_bears_the_load_is_offered(): void
    {
        $planned = self::device('planned', ['neutral' => 'not-needed', 'depthMm' => 20, 'dimmer' => true]);
        $dims = self::device('dims', ['neutral' => 'not-needed', 'depthMm' => 20, 'dimmer' => true]);
        $switch = self::device('switch', ['neutral' => 'not-needed', 'depthMm' => 20]);
        $box = new FoundBox(47, 0, 2, 1, NeutralFound::None);
        $found = Alternatives::of($planned, [$dims, $switch], $box, [Boxes::lamps(dimmable: Dimmable::No)]);

        self::assertSame(['switch'], array_map(static fn (Alternative $one): string => $one->profile->key, $found));
        self::assertSame([], $found[0]->fit->findings);
    }

    /**
     * @param  array<string, mixed>  $sheet
     * @param  list<string>  $capabilities
     */
    private static function device(
        string $key,
        array $sheet,
        string $protocol = 'zigbee',
        array $capabilities = ['on-off'],
        string $load = 'light',
    ): Profile {
        return Profile::fromInput(Input::of([
            'key' => $key, 'name' => $key, 'model' => 'X', 'protocol' => $protocol, 'role' => 'router', 'power' => 'mains',
            'capabilities' => $capabilities, 'load' => $load, 'fitSheet' => ['limitsW' => ['led' => 100], ...$sheet],
        ]));
    }
}
