<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\Bridging\JobBridging;
use Kavvel\Core\Bridging\ActKind;
use Kavvel\Core\Bridging\Impossible;
use Kavvel\Standin\Ecosystems\ShareWindow;

/** Case 12: a box with three metering plugs behind it, one of which is added later, into three ecosystems. */
final class NetLoftTest extends PairsAHouse
{
    protected function key(): string
    {
        return 'net-loft';
    }

    public function test_what_is_added_to_the_box_later_shows_by_itself(): void
    {
        $this->pair('box');
        foreach (['press-plug', 'lamp-plug'] as $slot) {
            $this->take($slot);
        }
        $this->get($this->url('/pair'))
            ->assertSee('Pair the kettle plug')
            ->assertSee('3 are expected behind it: 2 found. What is missing is paired with the bridge in its own app first.')
            ->assertSee('Not behind the bridge yet');

        $this->hands('power', ['device' => 'kettle-plug', 'kind' => 'online']);
        $this->listen();
        $this->take('kettle-plug');

        $this->assertAllAreIn();
        $this->get($this->url('/pair?slot=kettle-plug'))->assertSee('It is taken out there, in the bridge’s own app.');
    }

    public function test_metering_is_lost_at_the_release_and_said(): void
    {
        $this->bringIn();
        $bridging = $this->bridging();
        $meters = array_filter(
            $bridging->plan()->impossible,
            static fn (Impossible $one): bool => in_array('power', $one->want->needs, true),
        );

        self::assertCount(3, $meters, 'from the phone, of each plug');
        foreach ($meters as $one) {
            self::assertStringContainsString('1.3', $bridging->because($one));
        }
        $this->put($this->url('/bridge-policy'), ['policy' => 'local-first', 'seen' => '']);
        $this->get($this->url('/bridge'))->assertSee('Tell Bram Ostler what will not work')->assertSee('Loft press plug, Wicket');
    }

    public function test_three_ecosystems_show_what_is_behind_the_box_and_one_that_is_added_later_shows_in_all(): void
    {
        $this->bringIn();
        foreach (['voice', 'phone', 'panel'] as $key) {
            $this->linkInto($key);
            self::assertSame(['lamp-plug', 'press-plug'], $this->shownIn($key), $key);
        }
        $this->hands('power', ['device' => 'kettle-plug', 'kind' => 'online']);
        $this->pass(30);
        $this->take('kettle-plug');
        $this->put($this->url('/bridge-policy'), ['policy' => 'local-first', 'seen' => '']);
        preg_match('/name="seen" value="([^"]+)"/', (string) $this->get($this->url('/bridge'))->getContent(), $seen);
        $this->post($this->url('/told-losses'), ['seen' => $seen[1] ?? '']);
        foreach (['voice', 'phone', 'panel'] as $key) {
            $this->post($this->url("/ecosystems/{$key}/readings"));
            self::assertSame(['kettle-plug', 'lamp-plug', 'press-plug'], $this->shownIn($key), 'everywhere at once');
        }
        $this->get($this->url('/bridge?at=link+'.urlencode($this->link('voice'))))->assertSee('Set the names at the source')
            ->assertSee('Name the 3 first');
    }

    public function test_before_one_is_removed_it_is_said_what_goes_with_it_in_each_manner(): void
    {
        $this->bringIn();
        $said = [];
        foreach ($this->bridging()->removals() as $removal) {
            if ($removal->device === 'press-plug') {
                $said[$removal->ecosystem] = [$removal->alsoRemoves, $removal->how];
            }
        }
        self::assertSame(['kettle-plug', 'lamp-plug'], $said['voice'][0]);
        self::assertStringContainsString('Do not delete it in Tansy.', $said['voice'][1]);
        self::assertStringContainsString('Do not delete it in Wicket.', $said['phone'][1]);
        self::assertSame([], $said['panel'][0]);
        foreach (['voice', 'phone', 'panel'] as $key) {
            $this->linkInto($key);
        }
        foreach (['voice' => 0, 'phone' => 2, 'panel' => 1] as $key => $left) {
            $id = $this->house->ecosystems()->where('key', $key)->firstOrFail()->shownDevices()[0]->id;
            $this->hands('ecosystem', ['of' => $key, 'act' => 'delete', 'id' => $id]);
            $this->pass(10);
            $this->post($this->url("/ecosystems/{$key}/readings"));
            self::assertCount($left, $this->shownIn($key), "{$key}: as was said");
        }
    }

    private function bringIn(): void
    {
        $this->pair('box');
        $this->pass(5);
        foreach (['press-plug', 'lamp-plug'] as $slot) {
            $this->take($slot);
        }
    }

    private function linkInto(string $ecosystem): void
    {
        $key = $this->link($ecosystem);
        $window = "window-of-the-box-for-{$ecosystem}";
        $this->hands('ecosystem', ['box' => 'box', 'act' => 'open-window', 'ref' => $window, 'seconds' => 900]);
        $this->hands('ecosystem', ['of' => $ecosystem, 'act' => 'sign-in', 'by' => 'Bram Ostler']);
        $code = ShareWindow::open($this->house()->seed, $window, 'box', null, 0)->code;
        $this->hands('ecosystem', ['of' => $ecosystem, 'act' => 'scan', 'code' => $code]);
        $this->pass(10);
        foreach ($this->bridging()->links()[$key]->run->acts as $number => $act) {
            $at = ['link' => $key, 'number' => $number];
            $act->kind === ActKind::Count
                ? $this->post($this->url('/link-tellings'), $at)->assertSessionHasNoErrors()
                : $this->post($this->url('/link-acts'), [...$at, 'said' => match ($act->kind) {
                    ActKind::SignIn => 'Bram Ostler', ActKind::Window => $code, default => '',
                }])->assertSessionHasNoErrors();
        }
        self::assertTrue($this->bridging()->links()[$key]->run->isMade(), $key);
    }

    private function link(string $ecosystem): string
    {
        return "from box as matter-bridge to ecosystem {$ecosystem}";
    }

    /** @return list<string> slots */
    private function shownIn(string $ecosystem): array
    {
        $slots = [];
        foreach ($this->house->ecosystems()->where('key', $ecosystem)->firstOrFail()->shownDevices() as $shown) {
            foreach ($this->house()->devices as $key => $device) {
                $slots = $device->address === $shown->mark ? [...$slots, (string) $key] : $slots;
            }
        }
        sort($slots);

        return $slots;
    }

    private function bridging(): JobBridging
    {
        return JobBridging::of($this->sheetOf($this->key()));
    }
}
