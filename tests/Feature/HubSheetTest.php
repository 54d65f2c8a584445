<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HubCheck;
use App\Models\Node;
use App\Stations\Pair\HubSheets;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class HubSheetTest extends TestCase
{
    private const CHECKS = '/jobs/lantern-house/hubs/hub/checks';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_a_hub_is_settled_before_its_first_device_and_never_in_the_way_of_the_next(): void
    {
        $this->get('/jobs/lantern-house/pair?next=boot-valve')->assertDontSee('Settle the hub first');
        Node::query()->update(['state' => Node::LEFT]);
        $this->siteJob()->touchLive();

        $this->get('/jobs/lantern-house/pair?next=boot-valve')
            ->assertSee('Hub lets its first device in here')
            ->assertSee('Settle the hub first')
            ->assertSee('Open the join window all the same');
        foreach (['place', 'radio', 'channel', 'network', 'access', 'needs', 'link', 'backup'] as $check) {
            $this->put(self::CHECKS."/{$check}", ['note' => 'As it should be'])
                ->assertRedirect('/jobs/lantern-house/pair?lens=hubs');
        }
        $this->get('/jobs/lantern-house/pair?next=boot-valve')->assertDontSee('Settle the hub first');
        $this->get('/jobs/lantern-house/pair?lens=hubs')->assertSee('All of it is settled.')->assertSee('As it should be (Mara Lindqvist');
        self::assertTrue($this->logged('Hub: A backup was made. As it should be'));
    }

    public function test_what_is_waived_has_a_name_and_a_reason(): void
    {
        $this->put(self::CHECKS.'/backup', ['waive' => '1', 'note' => ''])->assertSessionHasErrors([
            'note' => 'Say why it is waived: your name stands beside it.',
        ]);
        $this->put(self::CHECKS.'/radio', ['note' => ''])
            ->assertSessionHasErrors(['note' => 'Say what was found: radio, driver, firmware.']);
        $this->put(self::CHECKS.'/place', ['note' => ''])->assertSessionHasNoErrors();
        $this->put(self::CHECKS.'/backup', ['waive' => '1', 'note' => 'Its store is full'])->assertSessionHasNoErrors();

        $this->get('/jobs/lantern-house/pair?lens=hubs')
            ->assertSee('Waived by Mara Lindqvist: Its store is full')
            ->assertSee('Open again: A backup was made');
        $this->delete(self::CHECKS.'/backup')->assertRedirect();
        $this->get('/jobs/lantern-house/pair?lens=hubs')->assertDontSee('Waived by');
        self::assertTrue($this->logged('Hub, open again: A backup was made.'));
    }

    public function test_the_password_of_a_hub_is_kept_encrypted_and_shown_on_purpose_only(): void
    {
        $this->delete(self::CHECKS.'/access');
        $this->put(self::CHECKS.'/access', ['note' => 'installer', 'secret' => 'Granite-47'])->assertSessionHasNoErrors();
        self::assertNotSame('Granite-47', DB::table('credentials')->whereNotNull('gateway_id')->value('secret'));
        $this->get('/jobs/lantern-house/pair?lens=hubs')->assertDontSee('Granite-47')->assertSee('Show the password of Hub');
        $this->get('/jobs/lantern-house/pair?lens=codes')->assertDontSee('the way into Hub');
        $this->post('/jobs/lantern-house/hubs/hub/secret')->assertSee('Granite-47');
        self::assertTrue($this->logged('Looked at the way into Hub.'));

        $this->put(self::CHECKS.'/access', ['note' => 'installer', 'secret' => 'Basalt-12']);
        $this->post('/jobs/lantern-house/hubs/hub/secret')->assertSee('Basalt-12')->assertDontSee('Granite-47');
        $this->as('wren')->post('/jobs/lantern-house/hubs/hub/secret')->assertForbidden();
    }

    public function test_what_is_noted_of_the_network_is_evidence(): void
    {
        $this->put(self::CHECKS.'/network', [
            'note' => '10.0.4.0/24, 10.0.4.2', 'band5' => '1', 'security' => 'wpa3', 'hidden' => 'no', 'oneSegment' => '',
            'tunnel' => 'yes',
        ])->assertSessionHasNoErrors();
        $facts = app(HubSheets::class)->facts($this->siteJob()->gateways()->firstOrFail()->id, HubCheck::query()->get());

        self::assertEquals(['bands' => ['5'], 'security' => 'wpa3', 'hidden' => false, 'tunnel' => true], $facts->kept());
        self::assertSame([], app(HubSheets::class)->facts(null, HubCheck::query()->get())->kept());
        $this->put(self::CHECKS.'/network', ['note' => 'x', 'security' => 'wep'])->assertSessionHasErrors('security');
        $this->put(self::CHECKS.'/nothing', ['note' => 'x'])->assertNotFound();
        $this->delete(self::CHECKS.'/nothing')->assertNotFound();
    }

    public function test_who_does_not_work_here_settles_nothing(): void
    {
        $this->as('wren');
        $this->put(self::CHECKS.'/place')->assertForbidden();
        $this->get('/jobs/lantern-house/pair?lens=hubs')->assertOk()->assertDontSee('Waive it');
    }
}
