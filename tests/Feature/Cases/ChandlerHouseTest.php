<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\Naming\JobNames;
use App\Naming\RenameAsk;
use Kavvel\Core\Bridging\Fabrics;
use Kavvel\Core\Pairing\Failure;
use Kavvel\Standin\Ecosystems\ShareWindow;

/** Case 8, but for its rules: a wired bus, five Matter devices, and a bridge with four children, shared on to a second ecosystem. */
final class ChandlerHouseTest extends PairsAHouse
{
    use LinksAHouse;

    private const PROJECT = "address;name\n1/0/1;Shop keypad key\n1/0/2;Shop keypad status\n2/0/1;Office presence status\n";

    protected function key(): string
    {
        return 'chandler-house';
    }

    public function test_the_border_router_is_seen_as_needed(): void
    {
        $this->get($this->url('/pair?lens=hubs'))->assertSee('a border router');
        $attempt = $this->tryToPair('sign-relay');
        self::assertSame(Failure::NoBorderRouter, $attempt->failure);
        $this->get($this->url('/pair?next=sign-relay'))->assertSeeInOrder(['Try this next', 'border router']);

        $this->hands('fault', ['device' => 'sign-relay', 'fault' => '']);
        $this->pair('sign-relay');
    }

    public function test_children_are_expected_and_found_behind_their_bridge(): void
    {
        $this->get($this->url('/pair?next=desk-lamp'))->assertSee('Nothing behind the bridge can be seen');
        $this->pair('bridge');
        $this->pass(5);
        $this->get($this->url('/pair?slot=bridge'))->assertSee('4 are expected behind it: 4 found, 1 of them does not answer.');
        foreach (['counter-lamp', 'shelf-lamp', 'desk-lamp', 'store-climate'] as $slot) {
            $this->take($slot);
        }

        self::assertStringContainsString('does not answer behind its bridge', (string) $this->house->snags()->sole()->text);
        self::assertSame(5, $this->sheetOf($this->key())->countIn());
    }

    public function test_names_of_children_are_written_to_them_in_the_form_that_fits(): void
    {
        $this->pair('bridge');
        $this->pass(5);
        foreach (['counter-lamp', 'shelf-lamp', 'desk-lamp', 'store-climate'] as $slot) {
            $this->take($slot);
        }
        $seen = JobNames::read($this->house)->rename(RenameAsk::allByPattern())->mark();
        $this->post($this->url('/name-batches'), ['at' => RenameAsk::PATTERN, 'seen' => $seen])->assertSessionHasNoErrors();
        $this->pass(2);
        foreach (['counter-lamp', 'shelf-lamp', 'desk-lamp'] as $slot) {
            $card = $this->card($slot);
            self::assertTrue($card->isNamed, $slot);
            self::assertLessThanOrEqual(32, strlen((string) $card->slot->label));
            self::assertSame($card->slot->label, $card->node?->label);
        }
    }

    public function test_the_group_addresses_are_imported_and_its_devices_are_heard_on_the_bus(): void
    {
        $this->bring(self::PROJECT);
        $this->hearIn('shop-keypad', 'Shop keypad');

        self::assertSame('1/0/1', $this->card('shop-keypad')->node?->address);
        $this->get($this->url('/pair?lens=bus'))->assertSeeInOrder(['2/0/1', 'not heard yet']);
    }

    public function test_the_whole_house_comes_in(): void
    {
        $this->hands('fault', ['device' => 'sign-relay', 'fault' => '']);
        while (($card = $this->nextOf($this->key(), 'shop-keypad', 'office-presence')) !== null) {
            $card->isBehindBridge() ? $this->take($card->key()) : $this->pair($card->key());
        }
        $this->bring(self::PROJECT);
        $this->hearIn('shop-keypad', 'Shop keypad');
        $this->hearIn('office-presence', 'Office presence');

        $this->assertAllAreIn();
    }

    public function test_what_is_in_one_ecosystem_is_shared_on_to_a_second_by_windows_of_its_own(): void
    {
        $this->hands('fault', ['device' => 'sign-relay', 'fault' => '']);
        foreach (['till-plug', 'sign-relay', 'shop-door', 'office-blind', 'bridge'] as $slot) {
            $this->pair($slot);
        }
        $this->pass(5);
        foreach (['counter-lamp', 'shelf-lamp'] as $slot) {
            $this->take($slot);
        }
        $this->settle();
        $made = $this->linkAll();
        $direct = ['office-blind', 'shop-door', 'sign-relay', 'till-plug'];
        foreach (['phone', 'voice'] as $ecosystem) {
            foreach ($direct as $slot) {
                self::assertContains("of {$slot} as matter to ecosystem {$ecosystem}", $made);
            }
            self::assertContains("from bridge as matter-bridge to ecosystem {$ecosystem}", $made);
            self::assertEmpty(array_diff([...$direct, 'counter-lamp', 'shelf-lamp'], $this->slotsIn($ecosystem)));
        }
        $held = array_filter($this->bridging()->plan()->fabrics, static fn (Fabrics $one): bool => $one->device === 'till-plug');
        self::assertSame([[3, 5]], array_values(array_map(static fn (Fabrics $one): array => [$one->used, $one->limit], $held)));
        $ofTheHub = array_filter($this->fold()->ecosystems->openWindows(), static fn (ShareWindow $one): bool => $one->box === 'hub-box');
        self::assertSame([], $ofTheHub, 'none is left open');
        self::assertSame(0, $this->house->temporaryStates()->whereNull('closed_at')->whereNotNull('bridge_link_id')->count());
    }
}
