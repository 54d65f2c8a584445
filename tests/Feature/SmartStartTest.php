<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\JoinWindow;
use App\Models\Node;
use Tests\TestCase;
use Tests\WithStandin;

/** A Z-Wave device on the list of those that come in by themselves is taken off it before it is excluded. */
final class SmartStartTest extends TestCase
{
    use WithStandin;

    private const PAIR = '/jobs/lantern-house/pair?next=guest-window';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
        $this->hands('carry', ['device' => 'guest-window']);
    }

    public function test_where_its_key_is_known_it_is_taken_off_the_list_and_stays_out(): void
    {
        $code = (string) $this->house()->devices['guest-window']->code?->code->spelling();
        $this->post('/jobs/lantern-house/slots/guest-window/code', ['code' => $code])->assertSessionHasNoErrors();
        $this->exclude();
        self::assertTrue($this->logged('Took the window contact off the SmartStart list of Hub.'));
        self::assertSame(0, JoinWindow::query()->sole()->listed);
        $this->get(self::PAIR)->assertDontSee('stands on the hub’s SmartStart');
        $this->press();
        $this->pass(20);

        self::assertSame([], $this->fold()->hub->smartStart);
        self::assertSame(0, $this->cameIn());
    }

    public function test_where_nobody_knows_its_key_the_card_warns_and_it_may_be_back(): void
    {
        $this->exclude();
        $this->get(self::PAIR)->assertSee('One device stands on the hub’s SmartStart');
        $this->press();
        $this->pass(20);

        self::assertSame(1, $this->cameIn(), 'it came in by itself');
        $this->get(self::PAIR)->assertSee('On the network, and nobody’s yet');
    }

    private function exclude(): void
    {
        $this->post('/jobs/lantern-house/exclusions', ['slot' => 'guest-window'])->assertSessionHasNoErrors();
        $this->listen();
    }

    private function press(): void
    {
        $this->hands('gesture', ['device' => 'guest-window', 'kind' => 'press', 'times' => 3]);
        $this->listen();
    }

    private function cameIn(): int
    {
        return Node::query()->where('address', $this->house()->devices['guest-window']->address)->where('state', 'joined')->count();
    }
}
