<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\Models\BridgeLink;
use Kavvel\Core\Bridging\MigrationStep;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Protocol\Protocol;
use Tests\Feature\TriesByHand;

/** Case 6: two locks in an account, doors measured, fewest relays, the way out proved, the hub moved, and a path that stays local. */
final class GableEndTest extends PairsAHouse
{
    use LinksAHouse;
    use NamesAHouse;
    use TriesByHand;

    protected function key(): string
    {
        return 'gable-end';
    }

    public function test_both_doors_are_measured_and_one_does_not_take_the_bolt(): void
    {
        $doors = [];
        $page = (string) $this->lens('measure')->assertSee('Measure the door')->getContent();
        preg_match_all('/at=((?:hall|porch)[^"&]+)"/', $page, $found);
        foreach ($found[1] as $at) {
            $opening = urldecode(html_entity_decode($at));
            $doors[explode(' ', $opening)[0]] = $opening;
        }
        self::assertSame(['hall', 'porch'], array_keys($doors));
        $good = [
            'lock_version' => '0', 'thickness_mm' => '44', 'backset_mm' => '65', 'free_mm' => '70', 'cylinder_mm' => '3',
            'hinges' => 'left', 'key_inside' => '0',
        ];
        $this->put($this->url('/measures'), [...$good, 'opening' => $doors['hall']])->assertSessionHasNoErrors();
        $this->put($this->url('/measures'), [...$good, 'opening' => $doors['porch'], 'free_mm' => '40', 'is_metal' => '1']);
        $this->lens('measure')->assertSeeInOrder(['Bolt motor fits', 'Bolt motor does not fit'])
            ->assertSeeInOrder(['Bolt motor does not fit', 'Free before the door 40 mm, it needs 56 mm']);
        $this->lens('measure', $doors['porch'])->assertSee('opens without key, power and network')->assertSee('A metal door shields');
    }

    public function test_from_the_cellar_the_bolts_need_the_fewest_relays(): void
    {
        $this->lens('radio', 'bluetooth')->assertSeeInOrder([
            'Fewest Bluetooth relays', '0 of 2 devices are reached', 'With one more that hands on what it hears', '2', 'Hall, socket',
            'Add it',
        ]);
        $this->post($this->url('/relays'), ['point' => 'hall-p01', 'protocol' => 'bluetooth', 'lens' => 'radio'])
            ->assertSessionHasNoErrors();
        $this->lens('radio', 'bluetooth')->assertSee('2 of 2 devices are reached')->assertDontSee('Add it');
    }

    public function test_the_bolts_leave_the_account_before_they_are_paired(): void
    {
        $this->lens('existing')->assertSeeInOrder([
            'Front door bolt', 'to leave first', 'list who has one before', 'Remove it from the phone or hub that it is bonded with.',
        ]);
        $this->post($this->url('/existing/front-cloud/departure'))->assertRedirect();
        $this->lens('existing')
            ->assertSeeInOrder(['Front door bolt', 'free, to be paired as planned', 'Porch door bolt', 'to leave first']);
    }

    public function test_a_bolt_goes_up_and_the_door_stays_a_way_out_before_it_is_taught(): void
    {
        $slot = $this->house->slots()->whereHas('profile', static fn ($profile) => $profile->where('data->lockSheet->doorMm', '!=', null))
            ->firstOrFail();
        $card = $this->url("/fit?next={$slot->key}");
        $this->get($card)->assertSeeInOrder(['Put it up', 'Try the way out', 'Teach it its turns', 'Screws hold it'])
            ->assertDontSee('Adhesive, to try');
        $steps = $this->url("/slots/{$slot->key}/hang-steps");
        $this->post($steps, ['hang_step' => 'mounted', 'fixing' => 'screws'])->assertRedirect($card);
        $this->get($card)->assertSee('without key, power and network: it has to open with one hand');
        $this->post($steps, ['hang_step' => 'turns'])->assertSessionHasErrors(['act' => 'First: Try the way out.']);
        $this->get($this->url("/pair?next={$slot->key}"))->assertOk();
        $this->post($steps, ['hang_step' => 'way-out'])->assertSessionHasNoErrors();
        $this->post($steps, ['hang_step' => 'turns'])->assertSessionHasNoErrors();
        $this->get($card)->assertSee('By hand and by its own key, from both sides.');
        $this->worksByHand($this->url("/slots/{$slot->key}"))->assertSessionHasNoErrors();
        self::assertTrue($this->logged('opens from inside.', 'gable-end'));
    }

    public function test_a_hub_that_is_moved_makes_the_reading_stale(): void
    {
        $this->post($this->url('/existing/front-cloud/departure'));
        $this->pair('front-bolt');
        $this->readRadio(Protocol::BluetoothLe);
        $this->get($this->url('/mesh?lens=bluetooth'))->assertDontSee('The hub has been moved since.');
        $this->post($this->url('/plan-edits'), ['edit' => 'move-hub', 'hub' => 'hub', 'storey' => 'ground', 'x' => '1', 'y' => '3'])
            ->assertSessionHasNoErrors();

        $this->get($this->url('/mesh?lens=bluetooth'))->assertSee('The hub has been moved since.')->assertSee('there is no advice from it');
    }

    public function test_a_second_copy_of_a_lock_is_cleaned_up(): void
    {
        $this->post($this->url('/existing/front-cloud/departure'));
        $this->pair('front-bolt');
        $this->put($this->url('/slots/front-bolt/name'), [
            'name' => 'Front door bolt', 'lock_version' => $this->named('front-bolt')->lock_version,
        ]);
        $copy = $this->named('front-bolt')->node?->replicate();
        $copy?->fill(['address' => '02C0FFEE00000001', 'label' => 'Front door bolt_2'])->save();
        $this->get($this->url('/name?lens=names'))->assertSee('a second copy of the hall door bolt');
        $this->delete($this->url("/leftovers/{$copy?->id}"))->assertSessionHasNoErrors();

        self::assertNotNull($copy?->refresh()->given_up_at);
    }

    public function test_what_is_out_of_its_account_is_paired_beside_the_hub(): void
    {
        $this->get($this->url('/pair?next=front-bolt'))->assertSee('It is still in')->assertSee('It has left');
        $this->post($this->url('/existing/front-cloud/departure'))->assertRedirect();
        $this->get($this->url('/pair?next=front-bolt'))->assertSee('Hold the knob inside for 5 s');
        $this->pair('front-bolt');

        self::assertTrue($this->card('front-bolt')->isIn());
        self::assertFalse($this->fold()->world->hears($this->fold()->world->devices['front-bolt']), 'from the cellar it needs its relay');
    }

    public function test_no_lock_goes_by_the_account_alone_and_the_local_path_replaces_it_without_a_dark_evening(): void
    {
        $this->bringIn();
        self::assertSame([], array_filter($this->bridging()->plan()->paths, static fn (Path $one): bool => ! $one->way->isLocal));
        $this->byHand(['of' => 'phone', 'act' => 'sign-in', 'by' => 'Tove Marsh']);
        $this->byHand(['of' => 'phone', 'act' => 'discover']);
        self::assertSame(['front-bolt', 'porch-bolt'], $this->slotsIn('phone'), 'as it was: by its account');
        $old = BridgeLink::query()->where('site_job_id', $this->house->id)->where('key', 'like', 'of devices as cloud-link%')->sole();
        self::assertSame(MigrationStep::ListUsers, $this->step($old));
        $this->post($this->url("/bridge-links/{$old->id}/migration"), [
            'users' => 'Evening routine of the phone locks both', 'school' => 'keep-until-proved',
            'until' => now()->addDays(3)->format('Y-m-d'),
        ])->assertSessionHasNoErrors();

        self::assertSame(['from hub-box as matter-bridge to ecosystem phone'], $this->linkAll());
        self::assertSame(['front-bolt', 'front-bolt', 'porch-bolt', 'porch-bolt'], $this->slotsIn('phone'), 'both paths side by side');
        $this->get($this->url('/hand-over'))->assertSee('Two paths into Wicket side by side');
        $this->proveAll();
        self::assertSame(MigrationStep::TakeOver, $this->step($old));
        $this->delete($this->url("/bridge-links/{$old->id}"))->assertSessionHasErrors('link');
        $this->put($this->url("/bridge-links/{$old->id}/migration"));
        $this->byHand(['of' => 'phone', 'act' => 'close', 'door' => 'devices as cloud-link']);
        $this->travel(2)->minutes();
        $this->delete($this->url("/bridge-links/{$old->id}"))->assertSessionHasNoErrors();

        self::assertSame(['front-bolt', 'porch-bolt'], $this->slotsIn('phone'), 'each once');
        self::assertSame(0, $this->bridging()->countProved(), 'proved once more without it');
        $this->proveAll();
        self::assertSame(2, $this->bridging()->countProved());
        $this->get($this->url('/hand-over'))->assertDontSee('Two paths into Wicket side by side');
    }

    public function test_twins_that_an_account_leaves_behind_are_told_with_what_stays(): void
    {
        $this->bringIn();
        BridgeLink::query()->where('site_job_id', $this->house->id)->delete();
        $this->byHand(['of' => 'phone', 'act' => 'sign-in', 'by' => 'Tove Marsh']);
        $this->byHand(['of' => 'phone', 'act' => 'discover']);
        $this->linkAll();
        self::assertCount(4, $this->shownIn('phone'));
        $this->get($this->url('/bridge'))->assertSee('2 devices show there twice')->assertSee('Point it to what')
            ->assertSee('Delete them in Wicket: they came by themselves.');
        foreach ($this->shownIn('phone') as $shown) {
            if ($shown->over === null) {
                $this->byHand(['of' => 'phone', 'act' => 'delete', 'id' => $shown->id]);
            }
        }
        self::assertSame(['front-bolt', 'porch-bolt'], $this->slotsIn('phone'));
        $this->get($this->url('/bridge'))->assertDontSee('show there twice');
    }

    public function test_the_key_is_taken_by_a_function_that_is_switched_on_for_it_and_off_again(): void
    {
        $opening = ['opening' => 'account-function', 'of' => 'Wicket', 'at' => 'ecosystem phone', 'until' => now()->format('Y-m-d')];
        $this->post($this->url('/openings'), $opening)->assertSessionHasNoErrors();
        $this->post($this->url('/slots/front-bolt/credentials'), ['label' => 'Offline key', 'secret' => '7f3a99c1'])
            ->assertSessionHasNoErrors();
        $this->get($this->url('/hand-over'))->assertSee('Wicket');
        $state = $this->house->temporaryStates()->whereNull('closed_at')->sole();
        $this->delete($this->url("/temporary-states/{$state->key}"));
        self::assertSame(0, $this->house->temporaryStates()->whereNull('closed_at')->count());
    }

    private function bringIn(): void
    {
        $this->post($this->url('/relays'), ['point' => 'hall-p01', 'protocol' => 'bluetooth', 'lens' => 'radio']);
        foreach (['front-cloud', 'porch-cloud'] as $existing) {
            $this->post($this->url("/existing/{$existing}/departure"));
        }
        $this->pair('front-bolt');
        $this->pair('porch-bolt');
        foreach (['front-bolt' => 'Front door bolt', 'porch-bolt' => 'Porch door bolt'] as $slot => $name) {
            $this->put($this->url("/slots/{$slot}/name"), ['name' => $name, 'lock_version' => $this->named($slot)->lock_version]);
        }
        $this->pass(2);
        $this->settle();
    }

    private function step(BridgeLink $old): MigrationStep
    {
        return $this->bridging()->migrations()[$old->id]->step;
    }
}
