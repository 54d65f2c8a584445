<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\Bridging\Export;
use App\Models\EndReading;
use App\Models\MeshReading;
use App\Models\Wrapper;
use Kavvel\Core\Bridging\ShownDevice;
use Kavvel\Core\Protocol\Protocol;

/** Case 13: tilt motors over Bluetooth at the edge of reach, a relay, and a platform that knows only open and closed. */
final class GlassGardenTest extends PairsAHouse
{
    use LinksAHouse;
    use NamesAHouse;

    private const SLATS = ['end-slats', 'left-slats', 'middle-slats', 'right-slats'];

    protected function key(): string
    {
        return 'glass-garden';
    }

    public function test_one_relay_reaches_all_of_them(): void
    {
        $this->lens('radio', 'bluetooth')->assertSeeInOrder(['Fewest Bluetooth relays', 'devices are reached']);
    }

    public function test_all_come_in_are_named_together_and_read_with_and_without_their_relay(): void
    {
        $this->pairAll();
        $this->assertAllAreIn();
        $this->nameAll();
        self::assertSame('Garden room left slats', $this->named('left-slats')->name);

        $this->readRadio(Protocol::BluetoothLe);
        $with = MeshReading::query()->where('site_job_id', $this->house->id)->sole();
        $this->get($this->url('/mesh?lens=bluetooth'))->assertSee('What the reading says');
        $this->hands('mains', ['device' => 'relay', 'kind' => 'off']);
        $this->readRadio(Protocol::BluetoothLe);
        $without = MeshReading::query()->where('site_job_id', $this->house->id)->latest('id')->firstOrFail();

        self::assertSame(0, $with->lost);
        self::assertGreaterThan($with->lost + $with->thin, $without->lost + $without->thin);
    }

    public function test_the_band_from_which_it_counts_as_open_is_planned_for_each(): void
    {
        $this->pairAll();
        $this->get($this->url('/name?slot=left-slats'))->assertSee('Counts as open from')->assertSee('value="85"', false);
        $this->put($this->url('/slots/left-slats/settings'), [
            'setting' => 'open-from', 'kind' => 'actual', 'value' => '85', 'station' => 'name',
        ])->assertSessionHasNoErrors();
        $this->post($this->url('/slots/left-slats/replacement'), ['reason' => 'dead'])->assertSessionHasNoErrors();

        $this->get($this->url('/name?slot=left-slats'))->assertSee('Counts as open from: 85 %');
    }

    public function test_each_is_measured_and_shows_as_open_and_closed_while_the_raw_one_is_left_out(): void
    {
        $this->pairAll();
        $this->nameAll();
        $this->get($this->url('/bridge'))->assertOk();
        $this->put($this->url('/bridge-policy'), ['policy' => 'local-first', 'seen' => '']);
        $this->get($this->url('/bridge'))->assertSee('Tansy does not know tilt.');
        foreach (self::SLATS as $slot) {
            $this->post($this->url('/wrappers'), ['slot' => $slot, 'ecosystem' => 'voice', 'wrapping' => 'tilt-as-cover'])
                ->assertSessionHasNoErrors();
        }
        $this->settle();
        foreach ($this->house->wrappers()->with('slot')->get() as $wrapper) {
            $this->measure($wrapper);
        }
        self::assertSame(['from hub-box as matter-bridge to ecosystem voice'], $this->linkAll());

        $shown = $this->shownIn('voice');
        $can = array_map(static fn (ShownDevice $one): array => $one->capabilities, $shown);
        self::assertSame(['cover'], array_unique(array_merge(...$can)));
        $names = array_map(static fn (ShownDevice $one): string => $one->name, $shown);
        sort($names);
        self::assertSame(
            ['Garden room end slats', 'Garden room left slats', 'Garden room middle slats', 'Garden room right slats'],
            $names,
        );
        foreach (self::SLATS as $slot) {
            self::assertNotContains($this->house()->devices[$slot]->address, array_map(static fn (ShownDevice $one) => $one->mark, $shown));
        }
        $export = Export::all($this->bridging())[0];
        self::assertEqualsCanonicalizing(array_map(static fn (string $slot): string => "{$slot} as cover", self::SLATS), $export->devices);
    }

    public function test_what_the_threshold_came_to_is_said_in_the_pack_and_carried_into_its_setting(): void
    {
        $this->pair('relay');
        $this->pair('left-slats');
        $this->put($this->url('/bridge-policy'), ['policy' => 'local-first', 'seen' => '']);
        $this->post($this->url('/wrappers'), ['slot' => 'left-slats', 'ecosystem' => 'voice', 'wrapping' => 'tilt-as-cover']);
        $this->settle();
        $wrapper = Wrapper::query()->where('site_job_id', $this->house->id)->sole();
        foreach ([[1, 86], [0, 0], [1, 93], [0, 4], [1, 90], [0, 1], [1, 87], [1, 92], [1, 88], [1, 93]] as [$isOpen, $said]) {
            $this->post($this->url("/wrappers/{$wrapper->id}/readings"), ['open' => $isOpen, 'value' => (string) $said]);
        }
        $this->post($this->url("/wrappers/{$wrapper->id}/made"), ['default' => 'closed'])->assertSessionHasNoErrors();
        $wrapper->refresh();

        self::assertSame(['86 to 93', '0 to 4'], [$wrapper->band(true)?->words(), $wrapper->band(false)?->words()]);
        self::assertSame([82.0, 75.0], [(float) $wrapper->open_at, (float) $wrapper->closed_at], 'under 86, and apart by the band');
        $setting = $this->house->slots()->where('key', 'left-slats')->sole()->settings()->where('name', 'open-from')->sole();
        self::assertSame(['85', '82'], [$setting->planned, $setting->actual]);
    }

    private function measure(Wrapper $wrapper): void
    {
        foreach ([1, 0, 1, 0, 1, 0] as $isOpen) {
            $this->post($this->url("/wrappers/{$wrapper->id}/readings"), ['open' => $isOpen])->assertSessionHasNoErrors();
            $this->pass(3);
        }
        self::assertSame(6, EndReading::query()->where('wrapper_id', $wrapper->id)->whereNotNull('value')->count());
        $this->post($this->url("/wrappers/{$wrapper->id}/made"), ['default' => 'closed'])->assertSessionHasNoErrors();
        self::assertTrue($wrapper->refresh()->load('readings')->isMade());
        self::assertLessThan(min([100.0, ...$wrapper->saidAt(true)]), (float) $wrapper->open_at);
    }
}
