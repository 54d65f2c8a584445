<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\Models\MeshReading;
use Kavvel\Core\Protocol\Protocol;

/** Case 13, as far as the mesh: tilt motors over Bluetooth at the edge of reach, a relay, and names that are told apart. */
final class GlassGardenTest extends PairsAHouse
{
    use NamesAHouse;

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
}
