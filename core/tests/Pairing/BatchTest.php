<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\Batch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BatchTest extends TestCase
{
    public function test_unlike_devices_of_one_radio_come_in_together_as_far_as_the_job_allows(): void
    {
        $lamp = self::profile('LAMP');
        $sensor = self::profile('SENSOR');

        self::assertNull(Batch::objection(self::profile('RELAY'), [$lamp], 2));
        self::assertNull(Batch::objection(self::profile('RELAY'), [$lamp, $sensor], 3));
        self::assertSame('This job lets in one device at a time.', Batch::objection(self::profile('RELAY'), [$lamp], 1));
        self::assertSame('A window of this job lets in 2 devices.', Batch::objection(self::profile('RELAY'), [$lamp, $sensor], 2));
        self::assertSame(
            'A window of this job lets in 3 devices.',
            Batch::objection(self::profile('RELAY'), [$lamp, $sensor, self::profile('VALVE')], 9),
            'nobody keeps track of more than three',
        );
    }

    /** @param array<string, mixed> $own */
    #[DataProvider('alone')]
    public function test_what_could_be_confused_goes_alone(array $own, string $because): void
    {
        self::assertSame($because, Batch::objection(self::profile('RELAY', $own), [self::profile('LAMP')], 3));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function alone(): iterable
    {
        yield 'another radio' => [['protocol' => 'zwave'], 'It is of another radio, Z-Wave: that has a window of its own.'];
        yield 'alike' => [['model' => 'LAMP'], 'It looks like the Device LAMP: alike ones come in one at a time.'];
        yield 'by a lock' => [['secure' => true], 'A device that is let in by its code or its lock goes alone.'];
        yield 'by its code' => [
            ['code' => ['family' => 'zigbee', 'needed' => true, 'where' => 'on its back']],
            'A device that is let in by its code or its lock goes alone.',
        ];
    }

    public function test_a_window_that_is_open_for_one_that_goes_alone_takes_no_other(): void
    {
        self::assertSame(
            'A device that is let in by its code or its lock goes alone.',
            Batch::objection(self::profile('RELAY'), [self::profile('LOCK', ['secure' => true])], 3),
        );
        self::assertSame(
            'A device that is let in by its code or its lock goes alone.',
            Batch::objection(self::profile('PLUG', ['protocol' => 'matter']), [self::profile('BLIND', ['protocol' => 'matter'])], 3),
        );
    }

    public function test_what_has_said_its_model_is_the_one_of_that_model(): void
    {
        $models = [4 => 'LAMP', 7 => 'SENSOR'];

        self::assertSame(7, Batch::attemptOf('SENSOR', $models));
        self::assertNull(Batch::attemptOf('RELAY', $models));
        self::assertNull(Batch::attemptOf(null, $models));
    }

    /** @param array<string, mixed> $own */
    private static function profile(string $model, array $own = []): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => 'p', 'name' => "Device {$model}", 'model' => $model, 'protocol' => 'zigbee', 'role' => 'end', 'power' => 'mains',
            'capabilities' => ['on-off'], ...$own,
        ]));
    }
}
