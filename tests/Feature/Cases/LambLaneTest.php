<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use Kavvel\Core\Pairing\AttemptState;

/** Case 5, as far as pairing: eleven small Zigbee devices, and nobody loses track. */
final class LambLaneTest extends PairsAHouse
{
    protected function key(): string
    {
        return 'lamb-lane';
    }

    public function test_eleven_come_in_one_after_the_other_and_the_half_joined_one_is_a_snag(): void
    {
        $inPart = 0;
        for ($in = 0; ($card = $this->nextOf($this->key())) !== null; $in++) {
            $whole = $in - $inPart;
            $this->get($this->url('/pair'))->assertSee("{$whole} of 11 in")->assertSee("Pair the {$card->slot->title()}");
            $card->key() === 'bath-probe' ? $this->acceptInPart() : $this->pair($card->key());
            $inPart += (int) ($card->key() === 'bath-probe');
        }

        self::assertSame(11, $in);
        $this->assertAllAreIn();
        $this->get($this->url('/pair'))->assertSee('10 of 11 in')->assertSee('1 in part');
        self::assertStringContainsString('joined in part. Missing: temperature', (string) $this->house->snags()->sole()->text);
    }

    public function test_of_three_alike_each_is_matched_to_its_own_window(): void
    {
        foreach (['parlour-window', 'kitchen-window', 'bedroom-window'] as $slot) {
            $this->pair($slot);
        }
        $addresses = array_map(fn (string $slot): ?string => $this->card($slot)->node?->address, [
            'parlour-window', 'kitchen-window', 'bedroom-window',
        ]);

        self::assertCount(3, array_unique(array_filter($addresses)));
    }

    public function test_lights_are_told_as_they_blink(): void
    {
        foreach (['bath-probe', 'bedside', 'kitchen-leak'] as $slot) {
            $recipe = $this->card($slot)->profile->recipe;
            $this->get($this->url("/pair?next={$slot}"))
                ->assertSee(ucfirst((string) $recipe?->light))
                ->assertSee('class="light-sign', false);
        }
    }

    private function acceptInPart(): void
    {
        $attempt = $this->tryToPair('bath-probe');
        self::assertSame(AttemptState::InPart, $attempt->state);
        $this->get($this->url('/pair?next=bath-probe'))->assertSee('Missing: temperature')->assertSee('Accept as it is');
        $this->matchIn($this->key(), $this->card('bath-probe'), (string) $attempt->node?->address);
        $this->listen();
    }
}
