<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BusAddress;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class BusTest extends TestCase
{
    private const BUS = '/jobs/lantern-house/bus';

    private const PAGE = '/jobs/lantern-house/pair?lens=bus';

    private const PROJECT = "address;name\n1/1/1;Hall light switch\n1/1/2;Hall light status\n1/1/3;Stair light switch\n"
        ."1/2/1;Hall keypad key\n";

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_addresses_become_control_points_that_say_what_they_lack(): void
    {
        BusAddress::query()->delete();
        $this->get(self::PAGE)->assertSee('what belongs together by its name');
        $this->bring(self::PROJECT)->assertRedirect(self::PAGE);

        $this->get(self::PAGE)->assertSeeInOrder([
            '3 control points, one of them lacks something; 0 proved.',
            'Hall keypad', '1/2/1', 'Hall light', '1/1/1', 'switch', '1/1/2', 'state',
            'Stair light', 'Nothing tells its state',
        ]);
        self::assertTrue($this->logged('Took in 4 addresses of the bus.'));
    }

    public function test_a_control_point_is_a_planned_device_and_stays_it_in_a_newer_project(): void
    {
        $this->bring(self::PROJECT);
        $this->put(self::BUS, ['point' => 'Hall keypad', 'slot' => 'hall-keypad'])->assertRedirect(self::PAGE);
        $this->put(self::BUS, ['point' => 'Hall light', 'slot' => 'hall-keypad'])->assertSessionHasErrors(['slot']);
        $this->put(self::BUS, ['point' => 'Nobody', 'slot' => 'hall-keypad'])->assertSessionHasErrors(['point']);
        $this->put(self::BUS, ['point' => 'Hall light', 'slot' => 'nobody'])->assertSessionHasErrors(['slot']);
        $this->bring(self::PROJECT."1/2/2;Hall keypad status\n");

        self::assertSame(['1/2/1', '1/2/2'], BusAddress::query()->where('slot_id', $this->slot('hall-keypad')->id)
            ->orderBy('number')->pluck('address')->all());
        $this->get('/jobs/lantern-house/pair?slot=hall-keypad')->assertSee('value="1/2/1"', false);
        $this->put(self::BUS, ['point' => 'Hall keypad', 'slot' => ''])->assertSessionHasNoErrors();
        self::assertSame(0, BusAddress::query()->whereNotNull('slot_id')->count());
    }

    public function test_the_address_that_the_project_gives_is_written_down_as_it_is(): void
    {
        $this->bring(self::PROJECT);
        $this->put(self::BUS, ['point' => 'Hall keypad', 'slot' => 'hall-keypad']);
        $this->post('/jobs/lantern-house/slots/hall-keypad/hand-pairing', ['address' => '1/2/1', 'station' => 'pair'])
            ->assertSessionHasNoErrors();

        self::assertSame('1/2/1', $this->slot('hall-keypad')->node?->address);
        $this->get('/jobs/lantern-house/pair?slot=hall-keypad')->assertSee('1/2/1');
    }

    public function test_a_point_in_two_spellings_is_one(): void
    {
        $this->bring("address;name\n1/1/1;Hall light switch\n1/1/2;hall LIGHT status\n1/1/3;Hâll light switch\n");
        $this->put(self::BUS, ['point' => 'Hall light', 'slot' => 'hall-keypad'])->assertSessionHasNoErrors();
        self::assertSame(['1/1/1', '1/1/2'], BusAddress::query()->whereNotNull('slot_id')->orderBy('number')->pluck('address')->all());
        $this->put(self::BUS, ['point' => 'Hâll light', 'slot' => 'hall-keypad'])->assertSessionHasErrors('slot');

        $this->bring("address;name\n1/1/1;HALL light switch\n");
        self::assertSame($this->slot('hall-keypad')->id, BusAddress::query()->firstOrFail()->slot_id);
    }

    public function test_a_broken_project_names_its_row_and_changes_nothing(): void
    {
        $this->bring(self::PROJECT);
        $this->bring("address,name\n1/1/1,x\n9/9/999,y\n")->assertSessionHasErrors('table');
        self::assertStringContainsString('row 3, address', session('errors')->first('table'));
        $this->post(self::BUS)->assertSessionHasErrors('table');

        self::assertSame(4, BusAddress::query()->count());
        $this->as('wren');
        $this->bring(self::PROJECT)->assertForbidden();
    }

    /** @return TestResponse<Response> */
    private function bring(string $csv): TestResponse
    {
        return $this->post(self::BUS, ['table' => UploadedFile::fake()->createWithContent('bus.csv', $csv)]);
    }
}
