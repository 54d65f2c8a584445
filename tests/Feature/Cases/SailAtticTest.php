<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\Models\Wrapper;
use Kavvel\Core\Bridging\ActKind;
use Kavvel\Core\Bridging\Leg;

/** Case 9: a voice platform, a hub in between that shows nothing but activities, and a Z-Wave light strip. */
final class SailAtticTest extends PairsAHouse
{
    use LinksAHouse;
    use NamesAHouse;

    private const LINK = 'from hub-box as cloud-link to ecosystem voice';

    protected function key(): string
    {
        return 'sail-attic';
    }

    public function test_the_strip_reaches_the_voice_platform_as_an_activity_of_the_hub(): void
    {
        $this->pairAll();
        $this->nameAll();
        $this->put($this->url('/bridge-policy'), ['policy' => 'local-first', 'seen' => '']);
        $this->get($this->url('/bridge'))->assertSee('Rigging hub does not pass brightness on.')
            ->assertSee('Show its brightness as an activity that sets its brightness');
        $this->post($this->url('/wrappers'), ['slot' => 'strip', 'ecosystem' => 'voice', 'wrapping' => 'level-as-activity'])
            ->assertSessionHasNoErrors();
        $this->settle();
        $this->get($this->url('/bridge'))->assertSee('Brightness that it sets, %')->assertSee('value="60"', false);
        $wrapper = Wrapper::query()->where('site_job_id', $this->house->id)->sole();
        $this->post($this->url("/wrappers/{$wrapper->id}/made"), ['default' => '0'])->assertSessionHasErrors('default');
        $this->post($this->url("/wrappers/{$wrapper->id}/made"), ['default' => '45'])->assertSessionHasNoErrors();
        self::assertTrue($wrapper->refresh()->isMade());

        self::assertSame([self::LINK], $this->linkAll());
        self::assertSame([['activity']], array_map(static fn ($one): array => $one->capabilities, $this->shownIn('voice')));
        $id = $this->shownIn('voice')[0]->id;
        $this->byHand(['of' => 'voice', 'act' => 'order', 'id' => $id, 'capability' => 'activity', 'value' => 'start']);
        $this->pass(5);
        self::assertSame('45', $this->fold()->world->devices['strip']->known()['level'], 'its default is what it sets');
    }

    public function test_the_path_is_told_hop_by_hop_with_who_signs_in_where(): void
    {
        $this->wrapped();
        $path = $this->bridging()->plan()->paths[0];
        self::assertSame(['Rigging hub'], array_map(static fn (Leg $one): string => $one->box->name, $path->way->legs));
        self::assertFalse($path->way->isLocal);
        $signs = [];
        foreach ($this->bridging()->links()[self::LINK]->run->acts as $act) {
            if ($act->kind === ActKind::SignIn) {
                $signs[] = [$act->say, $act->isClients];
            }
        }
        self::assertSame([
            ['Sign in to the hub’s own account, on the client’s phone', true],
            ['Link the account in Corran, with the client’s own password', true],
        ], $signs);
        $this->linkAll();
        $log = $this->house->bridgeLinks()->sole()->run();
        self::assertSame(['Nonie Brack', 'Nonie Brack'], array_values(array_filter(array_map(
            static fn (int $number): string => $log->acts[$number]->kind === ActKind::SignIn ? $log->done[$number]->note : '',
            array_keys($log->acts),
        ))));
    }

    public function test_the_phrase_is_proved(): void
    {
        $this->wrapped();
        $this->linkAll();
        $this->get($this->url('/bridge'))->assertSee('Say: “start the attic beam light strip”');
        $this->post($this->url('/slots/strip/proofs'), [
            'rung' => 'ecosystem', 'ecosystem' => 'voice as activity', 'outcome' => 'passed', 'from' => 'bridge',
        ])->assertSessionHasNoErrors();
        self::assertSame(1, $this->bridging()->countProved());
        $this->get($this->url('/bridge'))->assertSee('The paths are settled');
    }

    private function wrapped(): void
    {
        $this->pairAll();
        $this->nameAll();
        $this->put($this->url('/bridge-policy'), ['policy' => 'local-first', 'seen' => '']);
        $this->post($this->url('/wrappers'), ['slot' => 'strip', 'ecosystem' => 'voice', 'wrapping' => 'level-as-activity']);
        $this->settle();
        $wrapper = Wrapper::query()->where('site_job_id', $this->house->id)->sole();
        $this->post($this->url("/wrappers/{$wrapper->id}/made"), ['default' => '60'])->assertSessionHasNoErrors();
    }
}
