<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\Bridging\JobBridging;
use App\Models\BridgeLink;
use App\Models\Ecosystem;
use App\Stations\Bridge\ActPlace;
use Kavvel\Core\Bridging\Act;
use Kavvel\Core\Bridging\ActKind;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\ShownDevice;

/** A house whose paths are chosen, linked act by act by a person of ours and the client, and proved. */
trait LinksAHouse
{
    private int $windows = 0;

    protected function bridging(): JobBridging
    {
        return JobBridging::of($this->sheetOf($this->key()));
    }

    /** The paths are chosen, what is missing is bought, and the client is told what will not work. */
    protected function settle(Policy $policy = Policy::LocalFirst): void
    {
        $this->put($this->url('/bridge-policy'), ['policy' => $policy->value, 'seen' => ''])->assertSessionHasNoErrors();
        foreach ($this->bridging()->plan()->buying->ids() as $box) {
            $this->post($this->url("/bridge-boxes/{$box}/arrival"))->assertSessionHasNoErrors();
        }
        preg_match('/name="seen" value="([^"]+)"/', (string) $this->get($this->url('/bridge'))->getContent(), $seen);
        $this->post($this->url('/told-losses'), ['seen' => $seen[1] ?? ''])->assertSessionHasNoErrors();
        self::assertSame([], $this->bridging()->open(), 'all is settled');
    }

    /** @return list<string> keys of the links that were made, in the order in which they are proposed */
    protected function linkAll(): array
    {
        $made = [];
        while (($next = LinkAtHand::next(array_values($this->bridging()->links()))) !== null) {
            self::assertNotContains($next->link->key(), $made, 'it is made once');
            $this->linkBy($next->link->key());
            $made[] = $next->link->key();
        }

        return $made;
    }

    protected function linkBy(string $key): void
    {
        while (! $this->bridging()->links()[$key]->run->isMade()) {
            $link = $this->bridging()->links()[$key];
            $number = (int) $link->run->current();
            $this->doAct($link, $link->run->acts[$number], $number);
            self::assertNotSame($number, $this->bridging()->links()[$key]->run->current(), "{$key}: {$link->run->acts[$number]->say}: "
                .BridgeLink::query()->where('site_job_id', $this->house->id)->where('key', $key)->value('ask_refused'));
        }
    }

    /** Everything that is linked has shown what was wanted of it. */
    protected function proveAll(): void
    {
        while (($path = $this->bridging()->toProve()) !== null) {
            $this->prove($path);
        }
    }

    protected function prove(Path $path): void
    {
        $this->post($this->url("/slots/{$path->want->device}/proofs"), [
            'rung' => 'ecosystem', 'ecosystem' => $path->want->ecosystem, 'outcome' => 'passed', 'from' => 'bridge',
        ])->assertSessionHasNoErrors();
    }

    /** @return list<ShownDevice> what an ecosystem shows now */
    protected function shownIn(string $ecosystem): array
    {
        $this->pass(10);
        $this->post($this->url("/ecosystems/{$ecosystem}/readings"))->assertSessionHasNoErrors();

        return Ecosystem::query()->where('site_job_id', $this->house->id)->where('key', $ecosystem)->firstOrFail()->shownDevices();
    }

    /** @return list<string> slots that an ecosystem shows */
    protected function slotsIn(string $ecosystem): array
    {
        $keys = [];
        foreach ($this->house()->devices as $key => $device) {
            $keys[$device->bus?->knownAt() ?? $device->address] = (string) $key;
        }
        $slots = array_map(static fn (ShownDevice $one): string => $keys[$one->mark] ?? (string) $one->mark, $this->shownIn($ecosystem));
        sort($slots);

        return $slots;
    }

    /** @param array<string, mixed> $deed on the client's phone, at a panel or on the page of a box */
    protected function byHand(array $deed): void
    {
        $this->hands('ecosystem', $deed);
    }

    private function doAct(LinkAtHand $at, Act $act, int $number): void
    {
        $link = $at->link;
        $client = $this->house->client_name;
        $target = $link->isIntoEcosystem ? ['of' => $link->to] : ['box' => $link->to];
        $row = fn (): BridgeLink => BridgeLink::query()->where('site_job_id', $this->house->id)->where('key', $link->key())->sole();
        match ($act->kind) {
            ActKind::SwitchOn => $this->switchOn($link->from, $target, $link->form),
            ActKind::SignIn => $this->byHand($target + ['act' => $link->isIntoEcosystem ? 'sign-in' : 'set-up', 'by' => $client]),
            ActKind::Scan => $this->byHand($target + ['act' => 'scan', 'code' => $row()->window_code]),
            ActKind::Discover => $this->byHand($target + ['act' => 'discover']),
            ActKind::Join => array_map(fn (string $one) => $this->byHand($target + ['act' => 'join', 'device' => $one]), $link->devices),
            ActKind::Count => $this->pass(20),
            default => null,
        };
        $isTold = ActPlace::of($this->bridging(), $at) !== null;
        if ($isTold) {
            $this->post($this->url('/link-tellings'), ['link' => $link->key(), 'number' => $number])->assertSessionHasNoErrors();
        }
        if ($act->kind === ActKind::Key) {
            $this->byHand($target + ['act' => 'enter-key', 'key' => $row()->credentials()->sole()->secret]);
        }
        if (! $isTold || $act->kind === ActKind::Key) {
            $said = match ($act->kind) {
                ActKind::SignIn => $client,
                ActKind::Window => $this->windowIn($link->from, $number),
                default => '',
            };
            $at = ['link' => $link->key(), 'number' => $number];
            $this->post($this->url('/link-acts'), $at + ['said' => $said])->assertSessionHasNoErrors();
        }
    }

    /** A bridge is shared in its own app: what code it shows there. */
    private function windowIn(?string $bridge, int $number): string
    {
        $ref = 'by-hand-'.++$this->windows."-{$number}";
        $this->byHand(['box' => $bridge, 'act' => 'open-window', 'ref' => $ref, 'seconds' => 900]);

        return $this->fold()->ecosystems->windows[$ref]->code;
    }

    /** @param array<string, string> $target */
    private function switchOn(?string $from, array $target, string $form): void
    {
        if ($from !== null) {
            $this->byHand(['box' => $from, 'act' => 'switch-on', 'form' => $form]);
        }
        $this->byHand($target + ['act' => isset($target['box']) ? 'set-up' : 'switch-on', 'form' => $form]);
    }
}
