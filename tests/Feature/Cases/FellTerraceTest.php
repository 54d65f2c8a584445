<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\Models\Snag;
use Illuminate\Support\Facades\Storage;
use Kavvel\Core\Catalogue\WireRole;
use Kavvel\Core\Fit\Evidence;
use Kavvel\Core\Fit\Wire;
use Tests\Feature\FitsADevice;
use Tests\Feature\TriesByHand;

/** Case 16, as far as the fit: old boxes without a neutral, a two-way switch, a breaker that feeds another light than its label says. */
final class FellTerraceTest extends CarriesAHouse
{
    use FitsADevice;
    use TriesByHand;

    private const BOX = [
        'spacer_mm' => '0', 'ganged' => '1', 'is_metal' => '0', 'has_barrier' => '0', 'has_bypass' => '0', 'lock_version' => '1',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    protected function key(): string
    {
        return 'fell-terrace';
    }

    protected function fitted(): string
    {
        return $this->url('');
    }

    public function test_a_shallow_box_in_a_row_of_three_takes_a_spacer_and_its_lamps_are_tried(): void
    {
        $card = $this->url('/fit?next=front-dimmer');
        $this->put($this->url('/slots/front-dimmer/circuit'), ['circuit' => 'front-lights'])->assertRedirect($card);
        $this->put($this->url('/slots/front-dimmer/box'), [
            ...self::BOX, 'depth_mm' => '30', 'cables' => '2', 'ganged' => '3', 'neutral' => 'none',
        ])->assertRedirect($card);
        $this->get($card)->assertSeeInOrder([
            'Fits with a change', '42 W, 93 % of what it bears', 'No neutral', 'It needs 34 mm with its connectors, the box has 30 mm.',
            'Nobody knows whether its lamps dim.', 'A spacer of 4 mm goes on',
        ]);
        $changes = $this->url('/slots/front-dimmer/fit-changes');
        $this->post($changes, ['change' => 'spacer'])->assertRedirect($card);
        $this->post($changes, ['change' => 'dims'])->assertRedirect($card);
        $this->get($card)->assertSee('Fit the door dimmer')->assertSee('worked by its own key');
        $this->get($this->url('/fit?lens=van'))->assertSeeInOrder(['Slim dimmer, GL-SLIM-D', 'Spacer, 4 mm', 'Lock and tag']);
    }

    public function test_the_mislabelled_breaker_is_a_snag_and_the_switch_goes_in_with_its_travellers_made_safe(): void
    {
        $card = $this->url('/fit?next=hall-switch');
        $this->put($this->url('/slots/hall-switch/circuit'), ['circuit' => 'hall-lights'])->assertRedirect($card);
        $this->put($this->url('/slots/hall-switch/box'), [...self::BOX, 'depth_mm' => '35', 'cables' => '2', 'neutral' => 'none'])
            ->assertRedirect($card);
        $this->begin('hall-switch', 'hall-lights', ['red', 'yellow', 'blue', 'green-yellow']);
        $this->act('hall-lights', 'detector-before', ['slot' => 'hall-switch', 'detector' => 'works']);
        $this->act('hall-lights', 'read-live', ['slot' => 'hall-switch', 'volts' => '239']);
        $this->get($card)->assertSee('Find the side of the two-way circuit')->assertSee('the line side, where the feed comes in');
        $read = [];
        foreach ([[1, 1], [1, 0], [1, 1], [1, 0]] as $position => [$live, $lit]) {
            $read += ["live_{$position}" => (string) $live, "lit_{$position}" => (string) $lit];
        }
        $this->put($this->url('/slots/hall-switch/two-way'), $read)->assertRedirect($card);
        foreach (['switch-off', 'lock', 'tag'] as $step) {
            $this->act('hall-lights', $step, ['slot' => 'hall-switch'])->assertSessionHasNoErrors();
        }
        $this->act('hall-lights', 'read-dead', ['slot' => 'hall-switch', 'a' => 'red', 'b' => 'earth', 'volts' => '239']);
        $this->get($card)->assertSee('Breaker 3 does not kill this box');
        $this->post($this->url('/circuits/hall-lights/wrong-breaker'), [
            'slot' => 'hall-switch', 'circuit' => 'hall-lights', 'breaker' => 'breaker 4',
        ])->assertRedirect($card);
        self::assertTrue(Snag::query()->where('text', 'like', 'breaker 3, “Hall lights”, does not kill the front door switch%')->exists());
        self::assertSame(['breaker 4', 'breaker 2', ''], $this->house->circuits()->orderBy('id')->pluck('breaker')->all());

        $this->switchOff('hall-switch', 'hall-lights');
        $this->readDead('hall-switch', 'hall-lights');
        $this->act('hall-lights', 'detector-after', ['slot' => 'hall-switch', 'detector' => 'works']);
        $this->settleWires('hall-switch', [
            ['red', 'COM', WireRole::Line, Evidence::AlwaysLive, 'L'], ['yellow', 'L1', WireRole::Switched, Evidence::Continuity, 'O'],
            ['blue', 'L2', WireRole::Traveller, Evidence::Continuity, Wire::CAPPED],
            ['green-yellow', 'the back of the box', WireRole::Earth, Evidence::Traced, Wire::BOX_EARTH],
        ]);
        $this->act('hall-lights', 'fit', ['slot' => 'hall-switch'])->assertSessionHasNoErrors();
        $this->act('hall-lights', 'unlock');
        $this->act('hall-lights', 'switch-on')->assertSessionHasNoErrors();
        $this->get($card)->assertSee('By its rocker. No hub, no app.');
        $this->worksByHand($this->url('/slots/hall-switch'))->assertSessionHasNoErrors();
        foreach (['Blue at the front door switch: traveller', 'its other end safe too', 'Proved dead.'] as $line) {
            self::assertTrue($this->logged($line, 'fell-terrace'), $line);
        }
    }
}
