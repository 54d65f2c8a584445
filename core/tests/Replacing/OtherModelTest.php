<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Replacing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Replacing\OtherModel;
use Kavvel\Core\Replacing\ReplaceReason;
use PHPUnit\Framework\TestCase;

final class OtherModelTest extends TestCase
{
    public function test_the_same_model_changes_nothing(): void
    {
        $plug = $this->profile(['on-off', 'power'], [['name' => 'interval', 'words' => 'Report interval', 'unit' => 's']]);

        self::assertSame([], OtherModel::of($plug, $plug, ['interval' => '300'])->words());
    }

    public function test_says_what_is_lost_gained_and_not_taken(): void
    {
        $before = $this->profile(['on-off', 'power'], [
            ['name' => 'interval', 'words' => 'Report interval', 'unit' => 's'],
            ['name' => 'led', 'words' => 'Light', 'choices' => ['on', 'off']],
        ]);
        $after = $this->profile(['on-off', 'relay'], [
            ['name' => 'interval', 'words' => 'Report interval', 'unit' => 's', 'least' => 600],
        ]);
        $other = OtherModel::of($before, $after, ['interval' => '300', 'led' => 'off', 'gone' => '1']);

        self::assertSame(
            ['It can’t: power.', 'It also can: relay.', 'It does not take: report interval, light, gone.'],
            $other->words(),
        );
    }

    public function test_what_is_dead_or_gone_cant_be_taken_out_at_its_place(): void
    {
        self::assertSame(
            [false, false, true, true],
            array_map(static fn (ReplaceReason $one): bool => $one->isAtHand(), ReplaceReason::cases()),
        );
    }

    /**
     * @param  list<string>  $capabilities
     * @param  list<array<string, mixed>>  $settings
     */
    private function profile(array $capabilities, array $settings): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => 'p', 'name' => 'Plug', 'model' => 'P-1', 'protocol' => 'zigbee', 'role' => 'router', 'power' => 'mains',
            'capabilities' => $capabilities, 'settings' => $settings,
        ]));
    }
}
