<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Gateway\Events\DeviceAsks;
use App\Models\PairAttempt;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Failure;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;
use Tests\WithStandin;

/** A Z-Wave hub that asks for the PIN in the middle of inclusion. */
final class PinTest extends TestCase
{
    use WithStandin;

    private const PAIR = '/jobs/lantern-house/pair?next=kitchen-window';

    private string $dsk;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
        $this->dsk = (string) ($this->house()->devices['kitchen-window']->code?->code->fields()['dsk'] ?? '');
    }

    public function test_the_pin_is_asked_for_given_and_the_whole_key_kept(): void
    {
        $attempt = $this->asked();
        $shown = '?????-<wbr>'.str_replace('-', '-<wbr>', substr($this->dsk, 6));
        $this->get(self::PAIR)
            ->assertSeeInOrder(['The hub asks for its PIN', $shown, 'Give the PIN'], false)
            ->assertDontSee($this->dsk);
        $this->give($attempt, substr($this->dsk, 0, 5))->assertRedirect(self::PAIR);
        $this->pass(15);

        self::assertSame(AttemptState::Joined, $attempt->refresh()->state);
        self::assertSame([null, 'pin'], [$attempt->asked_dsk, $attempt->secured_with]);
        self::assertSame(str_replace('-', '', $this->dsk), $this->slot('kitchen-window')->credentials()->opening()->sole()->secret);
        self::assertTrue($this->logged('Gave the hub the PIN of the window contact.'));
    }

    public function test_a_wrong_pin_is_a_refused_code_and_what_is_no_pin_is_said_at_once(): void
    {
        $attempt = $this->asked();
        $this->give($attempt, '1234')->assertSessionHasErrors('pin');
        $this->give($attempt, '99999')->assertSessionHasErrors('pin');
        $this->give($attempt, '')->assertSessionHasErrors(['pin' => 'Type the five digits that the key on its sticker begins with.']);
        self::assertSame(AttemptState::Announced, $attempt->refresh()->state, 'the hub waits still');

        $this->give($attempt, substr($this->dsk, 0, 5) === '00000' ? '00001' : '00000')->assertSessionHasNoErrors();
        $this->pass(5);
        self::assertSame(Failure::CodeRefused, $attempt->refresh()->failure);
        $this->give($attempt, substr($this->dsk, 0, 5))->assertSessionHasErrors([
            'pin' => 'The hub asks for no PIN of the window contact any more. Open the next window, and give it then.',
        ]);
    }

    public function test_a_code_in_the_tray_whose_key_it_is_is_offered_and_never_shown(): void
    {
        $attempt = $this->asked();
        $this->post('/jobs/lantern-house/codes', ['code' => $this->dsk])->assertSessionHasNoErrors();
        $this->get(self::PAIR)
            ->assertSee('Take the code that was scanned')
            ->assertDontSee('value="'.substr($this->dsk, 0, 5).'"', false);
        $this->post("/jobs/lantern-house/attempts/{$attempt->id}/pin", ['known' => '1'])->assertSessionHasNoErrors();
        $this->pass(15);

        self::assertSame(AttemptState::Joined, $attempt->refresh()->state);
        self::assertSame(1, $this->siteJob()->credentials()->where('slot_id', $this->slot('kitchen-window')->id)->count());
    }

    public function test_a_hub_that_is_away_says_so_and_the_pin_can_be_given_again(): void
    {
        $attempt = $this->asked();
        $this->gatewayIsAway();
        $this->give($attempt, substr($this->dsk, 0, 5));
        $this->get(self::PAIR)->assertSee('The hub did not take it.');
        $this->gatewayIsAway(false);
        $this->give($attempt, substr($this->dsk, 0, 5));
        $this->pass(15);

        self::assertSame(AttemptState::Joined, $attempt->refresh()->state);
    }

    public function test_a_hub_that_shows_no_key_is_set_aside_and_breaks_no_page(): void
    {
        $this->expectException(InvalidInput::class);
        try {
            $hub = $this->siteJob()->gateways()->firstOrFail();
            DeviceAsks::read($hub, now(), Input::of(['address' => 'zw-041', 'dsk' => 'no key at all']));
        } catch (InvalidInput $wrong) {
            self::assertStringContainsString('seven groups of five digits', $wrong->getMessage());
            throw $wrong;
        }
    }

    public function test_nobody_answers_in_time(): void
    {
        $attempt = $this->asked();
        $this->pass(300);

        self::assertFalse($attempt->refresh()->state->isOpen());
        $this->get(self::PAIR)->assertDontSee('The hub asks for its PIN');
        $this->post("/jobs/lantern-house/attempts/{$attempt->id}/pin", ['known' => '1'])->assertSessionHasErrors('pin');
    }

    private function asked(): PairAttempt
    {
        $this->hands('carry', ['device' => 'kitchen-window']);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'kitchen-window'])->assertSessionHasNoErrors();
        $this->hands('gesture', ['device' => 'kitchen-window', 'kind' => 'pull-tab', 'times' => 1, 'seconds' => 0]);
        $this->hands('gesture', ['device' => 'kitchen-window', 'kind' => 'press', 'times' => 3, 'seconds' => 0]);
        $this->pass(5);

        return PairAttempt::query()->latest('id')->firstOrFail();
    }

    /** @return TestResponse<Response> */
    private function give(PairAttempt $attempt, string $pin): TestResponse
    {
        return $this->post("/jobs/lantern-house/attempts/{$attempt->id}/pin", ['pin' => $pin]);
    }
}
