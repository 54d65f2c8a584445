<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\Response;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Protocol\Protocol;
use Tests\TestCase;
use Tests\WithStandin;

/** A mesh that was read, tried with changes that nobody has made. */
final class WhatIfTest extends TestCase
{
    use WithStandin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
        $this->pairHallRelay();
        $this->read(Protocol::Zigbee);
    }

    public function test_a_router_that_is_switched_off_says_who_is_stranded(): void
    {
        $this->tried('')->assertSee('Try it before anybody climbs a ladder')->assertSee('Ceiling relay, hall');
        $this->tried('off:hall-relay')->assertSeeInOrder([
            'devices get worse', 'As read', '0 lost', 'Then', '2 lost', 'What is tried', 'Ceiling relay without its supply', 'Not this',
            'Who stands otherwise', 'Floor leak sensor', 'then lost', 'Freezer probe', 'then lost',
        ]);
        self::assertSame(0, $this->siteJob()->meshReadings()->where('lost', '>', 0)->count(), 'nothing was changed');
    }

    public function test_a_relay_more_says_who_gains_and_two_changes_are_tried_together(): void
    {
        $this->tried('relay:pantry-p1')->assertSeeInOrder([
            'One device gets better', '2 thin', '1 thin', 'A relay at the socket in the pantry', 'Freezer probe', 'thin, then accepted',
        ]);
        $this->tried('relay:pantry-p1 off:hall-relay')->assertSeeInOrder(['A relay at the', 'Ceiling relay without'])
            ->assertSee('at=off%3Ahall-relay', false);
    }

    public function test_the_hub_is_tried_elsewhere(): void
    {
        $page = $this->tried('hub:pantry-p1')->assertSee('The hub at the socket in the pantry');

        self::assertMatchesRegularExpression('/gets? (better|worse)/', (string) $page->content());
        $page->assertSee('p-touched', false);
    }

    public function test_what_is_not_there_is_not_tried_and_a_stale_reading_advises_nothing(): void
    {
        $this->tried('off:nobody relay:roof dance:now off:')->assertSee('Try it before anybody climbs a ladder');
        $this->siteJob()->slots()->where('key', 'signal-plug')->update(['x' => 9.5]);
        $this->siteJob()->touchLive();

        $this->tried('off:hall-relay')->assertSee('Read the mesh again')->assertDontSee('What is tried');
    }

    public function test_a_radio_that_is_no_mesh_has_nothing_to_try(): void
    {
        $this->read(Protocol::Wifi);
        $this->get('/jobs/lantern-house/mesh?lens=wifi')->assertDontSee('What if');
        $this->get('/jobs/lantern-house/mesh?lens=wifi&show=what-if')->assertDontSee('Switch off')->assertSee('What the reading says');
        $this->get('/jobs/lantern-house/mesh?lens=zigbee')->assertSee('What if');
        $this->get('/jobs/calico-court/mesh?show=what-if')->assertOk();
    }

    private function read(Protocol $protocol): void
    {
        $this->post('/jobs/lantern-house/mesh-readings', ['protocol' => $protocol->value]);
        $this->pass(10);
    }

    /** @return TestResponse<Response> */
    private function tried(string $at): TestResponse
    {
        return $this->get('/jobs/lantern-house/mesh?show=what-if&lens=zigbee&at='.urlencode($at));
    }
}
