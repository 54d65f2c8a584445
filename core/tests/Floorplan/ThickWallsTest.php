<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Floorplan;

use Kavvel\Core\Floorplan\Construction;
use Kavvel\Core\Floorplan\Edits\AddRoom;
use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\RoomMeasure;
use Kavvel\Core\Floorplan\Rows;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is clear in a room stays what was measured of it, whatever its walls are made of. */
final class ThickWallsTest extends TestCase
{
    /** @return iterable<string, array{Construction, int}> */
    public static function walls(): iterable
    {
        foreach (Construction::cases() as $seed => $construction) {
            yield $construction->words() => [$construction, $seed];
        }
    }

    #[DataProvider('walls')]
    public function test_rooms_keep_their_measures_as_others_come_beside_them(Construction $walls, int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $layers = Rows::ofLayers($walls->layers());
        $plan = House::empty();
        $plan = $plan->withStorey($plan->storey('ground')->with(['innerLayers' => $layers, 'outerLayers' => $layers]));
        $said = [];
        for ($number = 1; $number <= 6; $number++) {
            $size = sprintf('%.2f × %.2f m', $random->getInt(150, 600) / 100, $random->getInt(150, 600) / 100);
            $said["room-{$number}"] = $size;
            $plan = (new AddRoom(Measured::parse("room {$number} ".str_replace(' m', '', $size)), 'ground'))->apply($plan);
            foreach ($said as $room => $measure) {
                self::assertSame(
                    $measure,
                    RoomMeasure::of($plan->room($room), $plan->wallsOn('ground'))->words(),
                    "{$room} after {$number} rooms",
                );
            }
        }
    }
}
