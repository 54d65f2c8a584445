<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Codes\CodeStore;
use App\Models\Credential;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\Codes\Flow;
use Kavvel\Core\Codes\InstallCode;
use Kavvel\Core\Codes\MatterPayload;
use Kavvel\Core\Codes\MatterQr;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class CodesTest extends TestCase
{
    private const CODES = '/jobs/lantern-house/codes';

    private const SMOKE = '/jobs/lantern-house/slots/landing-smoke/code';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_a_device_that_joins_only_with_its_code_asks_for_it_before_the_window(): void
    {
        $this->get('/jobs/lantern-house/pair?next=landing-smoke')
            ->assertSeeInOrder([
                'Scan or type its Zigbee install code', '16 to 36 digits', 'inside the base', 'Store the code', 'Then',
                'Open the join window',
                'Open the join window all the same',
            ]);
        $this->post(self::SMOKE, ['code' => self::installCode(), 'from' => 'pair'])
            ->assertRedirect('/jobs/lantern-house/pair?next=landing-smoke');

        $this->get('/jobs/lantern-house/pair?next=landing-smoke')
            ->assertSee('Its Zigbee install code is here')
            ->assertDontSee('Scan or type');
        $stored = $this->slot('landing-smoke')->credentials()->sole();
        self::assertSame(
            ['zigbee-install-code', self::installCode(), 'Mara Lindqvist'],
            [$stored->kind, $stored->secret, $stored->stored_by],
        );
        self::assertStringNotContainsString(self::installCode(), (string) json_encode(DB::table('credentials')->get()));
        self::assertTrue($this->logged('Stored the Zigbee install code of the stairhead smoke alarm'));
    }

    public function test_a_wrong_digit_is_found_and_the_code_that_was_meant_is_offered(): void
    {
        $slip = substr_replace(self::installCode(), self::installCode()[7] === '0' ? '1' : '0', 7, 1);
        $this->htmx('POST', self::SMOKE, ['code' => $slip])
            ->assertStatus(422)
            ->assertSee('a digit is wrong, or two are swapped')
            ->assertSee('data-meant="'.InstallCode::ofBytes(hash('md5', 'smoke', true))->shown().'"', false);

        self::assertSame(0, $this->slot('landing-smoke')->credentials()->count());
    }

    #[DataProvider('refused')]
    public function test_a_code_of_something_else_is_refused_with_the_reason(string $slot, string $code, string $why): void
    {
        $this->post("/jobs/lantern-house/slots/{$slot}/code", ['code' => $code])->assertSessionHasErrors(['code']);

        self::assertStringContainsString($why, session('errors')->first('code'));
        self::assertSame(0, Credential::query()->whereNotNull('fingerprint')->count());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refused(): iterable
    {
        yield 'of another protocol' => ['landing-smoke', self::matter(32_785), 'carries a Zigbee install code'];
        yield 'of another model' => ['log-blind', self::matter(32_785), 'vendor 65521, product 32785'];
        yield 'of no device' => ['landing-smoke', '02A7C3FFFF123456', 'no code that a device is let in with'];
        yield 'a letter in the digits' => ['log-blind', '3497-O11-2332', 'Character 6 is “O”'];
        yield 'nothing that is known' => ['log-blind', 'hello', 'shape of no code'];
    }

    public function test_a_code_is_used_once_in_a_job(): void
    {
        $code = self::matterQr(32_784);
        $this->post('/jobs/lantern-house/slots/log-blind/code', ['code' => $code->spelling()])->assertSessionHasNoErrors();
        $this->post(self::CODES, ['code' => $code->manual()->shown()])->assertSessionHasErrors([
            'code' => 'This is the code of the window blind already. One of the two has another: look at its sticker again.',
        ]);
        $this->post('/jobs/lantern-house/slots/log-blind/code', ['code' => self::matter(32_784, 700)])
            ->assertSessionHasErrors(['code' => 'The window blind has a code already. Take that one away first.']);
    }

    public function test_the_box_is_scanned_first_and_codes_find_their_device(): void
    {
        $this->get('/jobs/lantern-house/pair?lens=codes')->assertSee('devices wait for their code')->assertSee('Scan the whole box first');
        $this->post(self::CODES, ['code' => self::matter(32_784)])
            ->assertRedirect('/jobs/lantern-house/pair?lens=codes')
            ->assertSessionHas('saved', 'In the tray.');
        $waiting = Credential::query()->whereNull('slot_id')->sole();
        $this->get('/jobs/lantern-house/pair?lens=codes')
            ->assertSeeInOrder(['In the tray: 1', 'Window blind', 'Matter QR code', 'It is its code']);

        $this->put(self::CODES."/{$waiting->id}", ['slot' => 'landing-smoke'])->assertSessionHasErrors('code');
        $this->put(self::CODES."/{$waiting->id}", ['slot' => 'nobody'])->assertSessionHasErrors('slot');
        $this->put(self::CODES."/{$waiting->id}", ['slot' => 'log-blind'])->assertSessionHasNoErrors();
        self::assertSame($waiting->id, $this->slot('log-blind')->credentials()->sole()->id);

        // One blind is left: now the next code of a blind can only be its own.
        $this->post(self::CODES, ['code' => self::matter(32_784, 700)])->assertSessionHas('saved', 'It is the code of the window blind.');
        self::assertSame(1, $this->slot('keeper-blind')->credentials()->count());
        $this->post(self::CODES, ['code' => self::matter(32_784, 900)])->assertSessionHas('saved', 'In the tray.');
        $this->get('/jobs/lantern-house/pair?lens=codes')
            ->assertSee('No device of the plan waits for it.')
            ->assertSee('With their device: 2');
    }

    public function test_a_code_goes_back_into_the_tray_or_is_thrown_away(): void
    {
        $this->post(self::SMOKE, ['code' => self::installCode()]);
        $code = $this->slot('landing-smoke')->credentials()->sole();
        $this->delete(self::SMOKE."/{$code->id}", ['station' => 'pair'])->assertRedirect('/jobs/lantern-house/pair?slot=landing-smoke');

        self::assertNull($code->fresh()?->slot_id);
        $this->get('/jobs/lantern-house/pair?next=landing-smoke')->assertSee('Take the code that was');
        $this->delete(self::CODES."/{$code->id}")->assertRedirect('/jobs/lantern-house/pair?lens=codes');
        self::assertNull($code->fresh());
        self::assertTrue($this->logged('Threw a code of the tray away.'));
    }

    public function test_two_with_one_tray_give_a_code_once_and_throw_away_none_that_found_its_device(): void
    {
        $this->post(self::CODES, ['code' => self::matter(32_784)]);
        $code = Credential::query()->whereNull('slot_id')->sole();
        $this->put(self::CODES."/{$code->id}", ['slot' => 'log-blind'])->assertSessionHasNoErrors();

        $this->as('idris');
        $this->put(self::CODES."/{$code->id}", ['slot' => 'keeper-blind'])->assertSessionHasErrors('code');
        self::assertStringContainsString('the code of the window blind already', session('errors')->first('code'));
        $this->delete(self::CODES."/{$code->id}")->assertSessionHasErrors('code');
        self::assertSame($code->id, $this->slot('log-blind')->credentials()->sole()->id);

        $code->update(['stale_at' => now()]);
        $this->delete("/jobs/lantern-house/slots/log-blind/code/{$code->id}")->assertSessionHasErrors('code');
        self::assertNotNull($code->fresh()?->slot_id);
    }

    public function test_a_note_of_a_device_is_no_code_for_the_tray(): void
    {
        $this->post('/jobs/lantern-house/slots/log-blind/credentials', ['label' => 'App', 'secret' => 'hush']);
        $note = $this->slot('log-blind')->credentials()->sole();
        $this->delete("/jobs/lantern-house/slots/log-blind/code/{$note->id}")->assertSessionHasErrors('code');

        self::assertSame($note->slot_id, $note->fresh()?->slot_id);
    }

    public function test_a_key_is_taken_out_of_a_pasted_reply(): void
    {
        $reply = '{"result":[{"name":"Panel","local_key":"8f2a91c4d0e7b365"}]}';
        $this->post('/jobs/lantern-house/slots/doorbell/code', ['code' => $reply])->assertSessionHasNoErrors();

        self::assertSame('8f2a91c4d0e7b365', $this->slot('doorbell')->credentials()->sole()->secret);
    }

    #[DataProvider('noOneKey')]
    public function test_a_reply_with_no_key_or_several_is_refused(string $reply, string $why): void
    {
        $this->post('/jobs/lantern-house/slots/doorbell/code', ['code' => $reply])->assertSessionHasErrors(['code' => $why]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function noOneKey(): iterable
    {
        yield 'none' => ['{"name":"Panel"}', 'There is no key in it. Paste the whole reply, or the key alone.'];
        yield 'several' => [
            '[{"name":"Panel","key":"aaaa1111"},{"name":"Bell","key":"bbbb2222"}]',
            '2 keys are in it: of Panel, Bell. Paste only the part of this device.',
        ];
    }

    public function test_a_key_of_a_maker_opens_nothing_after_a_reset_and_a_new_one_takes_its_place(): void
    {
        $this->post('/jobs/lantern-house/slots/doorbell/code', ['code' => '8f2a91c4d0e7b365']);
        app(CodeStore::class)->staleAfterReset($this->slot('doorbell'), 'it was reset');

        $this->get('/jobs/lantern-house/pair?slot=doorbell')->assertSee('opens nothing any more')->assertSee('it was reset');
        $this->post('/jobs/lantern-house/slots/doorbell/code', ['code' => '8f2a91c4d0e7b366'])->assertSessionHasNoErrors();
        self::assertSame(
            ['8f2a91c4d0e7b365', '8f2a91c4d0e7b366'],
            $this->slot('doorbell')->credentials()->orderBy('id')->get()->pluck('secret')->all(),
        );
    }

    public function test_the_code_of_a_slot_that_was_taken_off_the_plan_waits_in_the_tray(): void
    {
        $this->post(self::SMOKE, ['code' => self::installCode()]);
        $this->delete('/jobs/lantern-house/slots/landing-smoke', ['lock_version' => 1])->assertSessionHasNoErrors();

        $this->get('/jobs/lantern-house/pair?lens=codes')->assertSee('In the tray: 1');
        $this->get('/jobs/lantern-house/pair?next=hall-smoke')->assertSee('Take the code that was');
        $this->put(self::CODES.'/'.Credential::query()->whereNotNull('fingerprint')->value('id'), ['slot' => 'hall-smoke'])
            ->assertSessionHasNoErrors();
        self::assertSame(1, $this->slot('hall-smoke')->credentials()->count());
    }

    public function test_a_key_of_a_maker_is_thrown_away_and_never_in_the_tray(): void
    {
        $this->post('/jobs/lantern-house/slots/doorbell/code', ['code' => '8f2a91c4d0e7b365']);
        $key = $this->slot('doorbell')->credentials()->sole();
        $this->get('/jobs/lantern-house/pair?slot=doorbell')->assertSee('Throw it away');
        $this->delete("/jobs/lantern-house/slots/doorbell/code/{$key->id}", ['station' => 'pair'])->assertRedirect();

        self::assertNull($key->fresh());
        $this->get('/jobs/lantern-house/pair?lens=codes')->assertOk()->assertDontSee('In the tray');
    }

    public function test_a_code_is_shown_on_purpose_and_the_look_is_logged(): void
    {
        $this->post(self::SMOKE, ['code' => self::installCode()]);
        $code = $this->slot('landing-smoke')->credentials()->sole();
        $this->get('/jobs/lantern-house/pair?slot=landing-smoke')
            ->assertSee('Show: Zigbee install code')
            ->assertDontSee(self::installCode());

        $this->post("/jobs/lantern-house/slots/landing-smoke/credentials/{$code->id}")
            ->assertSee(InstallCode::ofBytes(hash('md5', 'smoke', true))->shown());
        self::assertTrue($this->logged('Looked at a code of the stairhead smoke alarm'));
    }

    public function test_who_may_not_work_here_stores_none(): void
    {
        $this->as('wren');
        $this->post(self::SMOKE, ['code' => self::installCode()])->assertForbidden();
        $this->post(self::CODES, ['code' => self::installCode()])->assertForbidden();
        $this->get('/jobs/lantern-house/pair?lens=codes')->assertOk()->assertDontSee('data-code-entry', false);
    }

    private static function installCode(): string
    {
        return InstallCode::ofBytes(hash('md5', 'smoke', true))->spelling();
    }

    private static function matter(int $product, int $discriminator = 3840): string
    {
        return self::matterQr($product, $discriminator)->spelling();
    }

    private static function matterQr(int $product, int $discriminator = 3840): MatterQr
    {
        return MatterQr::of(MatterPayload::of(65_521, $product, Flow::Standard, 2, $discriminator, 20_202_021));
    }
}
