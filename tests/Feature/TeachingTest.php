<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LearntKey;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class TeachingTest extends TestCase
{
    private const KEYS = '/jobs/lantern-house/slots/projector/keys';

    private const PAGE = '/jobs/lantern-house/pair?lens=teach';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->radiosAreByHand(Protocol::Infrared, Protocol::Rf433);
        $this->slot('projector')->update(['remote_toggles' => false]);
    }

    public function test_a_preset_is_tried_first_and_what_it_lacks_is_learnt_and_tried(): void
    {
        $this->get(self::PAGE)
            ->assertSeeInOrder(['Teach the senders', 'Ceiling projector', '0 of 2 work', 'from the preset', 'It obeyed']);
        $this->act('On', 'preset-works');
        $this->get(self::PAGE)->assertSeeInOrder(['1 of 2 work', 'works, by the preset', 'Send “Off” from the preset']);
        $this->act('Off', 'preset-fails');
        $this->get(self::PAGE)->assertSee('Learn “Off” from its remote');
        $this->act('Off', 'learnt');
        $this->get(self::PAGE)->assertSee('Send “Off” as it was learnt');
        $this->act('Off', 'fails');
        $this->get(self::PAGE)->assertSee('Learn “Off” from its remote');
        $this->act('Off', 'learnt');
        $this->act('Off', 'works');

        $this->get(self::PAGE)->assertSeeInOrder(['2 of 2 work', 'All its keys work: it is in']);
        $this->post('/jobs/lantern-house/slots/projector/hand-pairing', ['address' => '', 'station' => 'pair'])->assertSessionHasNoErrors();
        self::assertNotNull($this->slot('projector')->node_id);
        self::assertTrue($this->logged('“Off” of the ceiling projector: learnt, it obeys.'));
    }

    public function test_a_key_that_toggles_is_said_to_give_no_state(): void
    {
        $this->slot('projector')->update(['remote_toggles' => true, 'remote_works_away' => false]);
        $this->siteJob()->touchLive();

        $this->get(self::PAGE)->assertSeeInOrder(['Power', 'toggles: it gives no state', 'does the opposite where nobody knows the state']);
    }

    public function test_keys_are_added_and_left_out_and_the_school_is_chosen(): void
    {
        $this->post(self::KEYS, ['key' => ' Source  1 '])->assertSessionHasNoErrors();
        $this->post(self::KEYS, ['key' => 'Source 1'])->assertSessionHasErrors(['key']);
        $this->delete(self::KEYS, ['key' => 'On'])->assertRedirect(self::PAGE);
        self::assertSame(['Off', 'Source 1'], LearntKey::query()->orderBy('id')->pluck('name')->all());

        $this->put('/jobs/lantern-house/slots/projector/learn-school', ['learn_school' => 'learn-all'])->assertRedirect(self::PAGE);
        $this->get(self::PAGE)->assertSee('Learn “Off” from its remote')->assertDontSee('Send “Off” from the preset');
        $this->put('/jobs/lantern-house/slots/projector/learn-school', ['learn_school' => 'none'])->assertSessionHasErrors('learn_school');
    }

    public function test_there_is_an_end_to_keys(): void
    {
        $slot = $this->slot('projector');
        foreach (range(1, 100) as $number) {
            LearntKey::query()->create(['site_job_id' => $slot->site_job_id, 'slot_id' => $slot->id, 'name' => "Source {$number}"]);
        }

        $this->post(self::KEYS, ['key' => 'One more'])->assertSessionHasErrors('key');
        $this->delete(self::KEYS, ['key' => 'Source 7'])->assertSessionHasNoErrors();
        $this->post(self::KEYS, ['key' => 'One more'])->assertSessionHasNoErrors();
    }

    /** @param array<string, string> $fields */
    #[DataProvider('refused')]
    public function test_what_can_not_be_written_down_is_said(string $slot, array $fields): void
    {
        $this->put("/jobs/lantern-house/slots/{$slot}/keys", $fields)->assertSessionHasErrors();
        self::assertSame(0, LearntKey::query()->whereNotNull('works')->count());
    }

    /** @return iterable<string, array{string, array<string, string>}> */
    public static function refused(): iterable
    {
        yield 'no key' => ['projector', ['key' => '', 'learn' => 'works']];
        yield 'a key that is none' => ['projector', ['key' => 'Nothing', 'learn' => 'preset-works']];
        yield 'an act that is none' => ['projector', ['key' => 'On', 'learn' => 'shout']];
        yield 'a device without a remote' => ['hall-relay', ['key' => 'On', 'learn' => 'preset-works']];
    }

    public function test_who_does_not_work_here_teaches_nothing(): void
    {
        $this->as('wren');
        $this->put(self::KEYS, ['key' => 'On', 'learn' => 'preset-works'])->assertForbidden();
        $this->get(self::PAGE)->assertOk()->assertDontSee('It obeyed');
    }

    private function act(string $key, string $act): void
    {
        $this->put(self::KEYS, ['key' => $key, 'learn' => $act])->assertRedirect(self::PAGE)->assertSessionHasNoErrors();
    }
}
