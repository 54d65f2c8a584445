<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\Bridging\JobOutages;
use App\Models\CrossRun;
use App\Models\Slot;
use App\Stations\Bridge\CrossStep;
use Illuminate\Support\Facades\Queue;
use Kavvel\Core\Bridging\CrossVerdict;
use Kavvel\Core\Bridging\Outage;
use Kavvel\Core\Bridging\Path;
use Tests\TriesFromAllSides;

/** Case 10: lamps of an account, one of which lags by minutes, beside a path that stays in the house. */
final class TideMillTest extends PairsAHouse
{
    use LinksAHouse;
    use NamesAHouse;
    use TriesFromAllSides;

    private const LAMPS = ['wheel-lamp', 'stone-lamp', 'hoist-lamp'];

    protected function key(): string
    {
        return 'tide-mill';
    }

    public function test_the_local_key_is_taken_out_of_a_pasted_reply_and_is_stale_after_a_reset(): void
    {
        $this->paste('wheel-lamp', 'k7Qm2pX9vB4sT1zR');
        $key = $this->slotOf('wheel-lamp')->credentials()->opening()->sole();
        self::assertSame('k7Qm2pX9vB4sT1zR', $key->secret);
        $this->pair('wheel-lamp');
        self::assertNull($key->refresh()->stale_at);

        $this->hands('gesture', ['device' => 'wheel-lamp', 'kind' => 'power-cycle', 'times' => 6]);
        $this->pass(5);
        self::assertNotNull($key->refresh()->stale_at);
        self::assertSame(0, $this->slotOf('wheel-lamp')->credentials()->opening()->count());
    }

    public function test_the_straggler_is_found_over_ten_tries_and_the_local_path_is_quicker(): void
    {
        $this->bringIn();
        $this->linkAll();
        foreach (['voice', 'panel'] as $ecosystem) {
            self::assertSame(['hoist-lamp', 'stone-lamp', 'wheel-lamp'], $this->slotsIn($ecosystem));
        }
        $run = $this->cross('wheel-lamp');
        self::assertSame([], $run->result()->faults());
        self::assertLessThan(
            $run->result()->cell('voice', 'voice')->medianMs(),
            $run->result()->cell('panel', 'panel')->medianMs(),
            'side by side',
        );
        $late = $this->cross('stone-lamp')->result();
        self::assertSame(CrossVerdict::Straggles, $late->cell('panel', 'voice')->verdict);
        self::assertSame(CrossVerdict::InTime, $late->cell('panel', 'panel')->verdict);
        self::assertCount(1, $late->faults());
    }

    public function test_without_the_internet_the_table_is_right(): void
    {
        $this->bringIn();
        $this->linkAll();
        $internet = JobOutages::of($this->bridging())[0];
        $names = static fn (array $paths): array => array_map(
            static fn (Path $one): string => "{$one->want->device} {$one->want->ecosystem}",
            $paths,
        );
        self::assertInstanceOf(Outage::class, $internet);
        $all = static fn (string $into): array => array_map(static fn (string $lamp): string => "{$lamp} {$into}", self::LAMPS);
        self::assertEqualsCanonicalizing($all('voice'), $names($internet->stops));
        self::assertEqualsCanonicalizing($all('panel'), $names($internet->goesOn));

        $this->byHand(['act' => 'internet', 'on' => false]);
        $this->post($this->url('/ecosystems/voice/readings'));
        self::assertStringContainsString('not answer', (string) $this->house->ecosystems()->where('key', 'voice')->value('read_refused'));
        $id = $this->shownIn('panel')[0]->id;
        $this->byHand(['of' => 'panel', 'act' => 'order', 'id' => $id, 'capability' => 'on-off', 'value' => 'on']);
        $this->pass(3);
        self::assertSame('on', $this->shownIn('panel')[0]->values['on-off']);
    }

    private function bringIn(): void
    {
        foreach (self::LAMPS as $number => $lamp) {
            $this->paste($lamp, "k7Qm2pX9vB4sT1z{$number}");
        }
        $this->pairAll();
        $this->nameAll();
        $this->settle();
    }

    private function paste(string $slot, string $key): void
    {
        $device = ['id' => 'dev-0001', 'name' => $slot, 'local_key' => $key, 'online' => true];
        $reply = json_encode(['result' => [$device], 'success' => true]);
        $this->post($this->url("/slots/{$slot}/code"), ['code' => $reply])->assertSessionHasNoErrors();
    }

    private function cross(string $slot): CrossRun
    {
        Queue::fake([CrossStep::class]);
        $this->post($this->url('/crossings'), ['slot' => $slot])->assertSessionHasNoErrors();
        $this->goThrough();

        return CrossRun::query()->where('slot_key', $slot)->latest('id')->firstOrFail();
    }

    private function slotOf(string $key): Slot
    {
        return $this->house->slots()->where('key', $key)->sole();
    }
}
