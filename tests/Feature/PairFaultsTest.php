<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobSheet\JobSheet;
use App\Models\PairAttempt;
use App\Stations\Pair\Advice;
use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Cause;
use Kavvel\Core\Pairing\Light;
use Kavvel\Standin\House\Fault;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;
use Tests\WithStandin;

/** Planted faults against what is advised first: on site, over the whole way from the window to the card. */
final class PairFaultsTest extends TestCase
{
    use WithStandin;

    private const DEVICES = [
        'zigbee' => 'bath-leak', 'zwave' => 'kitchen-window', 'thread' => 'keeper-blind', 'matter' => 'chart-socket', 'wifi' => 'doorbell',
        'bluetooth' => 'tank',
    ];

    /** Its forecast is too thin to join, and nobody has told Kavvel that it was carried to the hub: that comes first there */
    private const FAR = 'tank';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    #[DataProvider('faults')]
    public function test_the_first_advice_is_that_for_what_is_wrong(string $slot, ?Fault $fault, string $cause, string $deed = ''): void
    {
        $causes = $this->tryWith($slot, $fault, $deed);
        $codes = array_map(static fn (Cause $one): string => $one->code, $causes);

        self::assertContains($cause, array_slice($codes, 0, 3), implode(', ', $codes));
        if ($slot !== self::FAR) {
            self::assertSame($cause, $codes[0], implode(', ', $codes));
        }
        $this->get("/jobs/lantern-house/pair?next={$slot}")->assertSeeInOrder(['Try this next', $causes[0]->try]);
    }

    /** @return iterable<string, array{0: string, 1: Fault|null, 2: string, 3?: string}> */
    public static function faults(): iterable
    {
        foreach (self::DEVICES as $protocol => $slot) {
            yield "{$protocol}: owned elsewhere" => [$slot, Fault::OwnedElsewhere, 'owned'];
            yield "{$protocol}: not known to the hub" => [$slot, Fault::Unsupported, 'unsupported'];
            yield "{$protocol}: half an interview" => [$slot, Fault::HalfInterview, 'cut-short'];
            yield "{$protocol}: breaks off" => [$slot, Fault::BreaksOff, 'far'];
            yield "{$protocol}: nobody touched it" => [$slot, null, 'not-pairing', 'nothing'];
        }
        foreach (['bath-leak', 'kitchen-window', 'keeper-blind', 'tank'] as $slot) {
            yield "{$slot}: no battery" => [$slot, Fault::FlatBattery, 'battery'];
            yield "{$slot}: a battery too low" => [$slot, Fault::LowBattery, 'battery'];
        }
        foreach (['bath-leak', 'kitchen-window', 'tank'] as $slot) {
            yield "{$slot}: another answers" => [$slot, Fault::Crowded, 'crowd'];
        }
        yield 'held instead of pressed' => ['kitchen-window', null, 'hold-not-tap', 'hold'];
        yield 'no power' => ['hall-relay', null, 'power', 'dark'];
        yield 'too far' => ['tank', null, 'far', 'in its place'];
        yield 'another region' => ['kitchen-window', Fault::WrongRegion, 'region'];
        yield 'an install code of another unit' => ['landing-smoke', Fault::WrongCode, 'wrong-code'];
        yield 'a DSK of another unit' => ['kitchen-window', Fault::WrongCode, 'wrong-code'];
        yield 'a Matter code of another unit' => ['keeper-blind', Fault::WrongCode, 'wrong-code'];
        yield 'no code' => ['landing-smoke', null, 'code-missing', 'without its code'];
        yield 'ready too late' => ['kitchen-window', null, 'window', 'late'];
        yield 'no border router' => ['keeper-blind', Fault::NoBorderRouter, 'no-border-router'];
        yield 'no credentials' => ['keeper-blind', Fault::NoCredentials, 'thread-credentials'];
        foreach (['keeper-blind', 'chart-socket'] as $slot) {
            yield "{$slot}: fabrics full" => [$slot, Fault::FabricsFull, 'fabric-full'];
            yield "{$slot}: code used" => [$slot, Fault::CodeUsed, 'code-used'];
            yield "{$slot}: wrong clock" => [$slot, Fault::WrongClock, 'clock'];
        }
        foreach (['chart-socket', 'doorbell'] as $slot) {
            yield "{$slot}: wrong band" => [$slot, Fault::WrongBand, 'wifi-band'];
            yield "{$slot}: hidden name" => [$slot, Fault::HiddenName, 'wifi-hidden'];
            yield "{$slot}: security mode" => [$slot, Fault::SecurityMode, 'wifi-security'];
            yield "{$slot}: old password" => [$slot, Fault::WrongPassword, 'wifi-password'];
            yield "{$slot}: another segment" => [$slot, Fault::OtherSegment, 'segment'];
            yield "{$slot}: a filter" => [$slot, Fault::Filtered, 'filtered'];
            yield "{$slot}: a tunnel" => [$slot, Fault::Tunnel, 'vpn'];
        }
    }

    #[DataProvider('harmless')]
    public function test_what_only_takes_longer_comes_in_all_the_same(string $slot, Fault $fault): void
    {
        self::assertSame([], $this->tryWith($slot, $fault, ''));
        self::assertSame(AttemptState::Joined, $this->slot($slot)->pairAttempts()->latest('id')->firstOrFail()->state);
    }

    /** @return iterable<string, array{string, Fault}> */
    public static function harmless(): iterable
    {
        foreach (self::DEVICES as $protocol => $slot) {
            yield "{$protocol}: late" => [$slot, Fault::AnswersLate];
        }
        yield 'two at once' => ['bath-leak', Fault::TwoAtOnce];
    }

    public function test_after_three_alike_failures_the_advice_has_changed(): void
    {
        $advice = [];
        for ($try = 1; $try <= 4; $try++) {
            $advice[] = $this->tryWith('kitchen-window', Fault::WrongCode, '')[0]->code;
        }

        self::assertSame(['wrong-code', 'wrong-code'], array_slice($advice, 0, 2));
        self::assertNotContains('wrong-code', array_slice($advice, 2));
    }

    /** @return list<Cause> */
    private function tryWith(string $slot, ?Fault $fault, string $deed): array
    {
        $device = $this->house()->devices[$slot];
        if ($deed !== 'in its place') {
            $this->hands('carry', ['device' => $slot]);
        }
        $this->hands('fault', ['device' => $slot, 'fault' => $fault->value ?? '']);
        $code = $fault === Fault::WrongCode ? $this->house()->otherCode($device) : $device->code;
        $isKept = $this->slot($slot)->credentials()->whereNotNull('fingerprint')->exists();
        if ($code !== null && $deed !== 'without its code' && ! $isKept) {
            $this->post("/jobs/lantern-house/slots/{$slot}/code", ['code' => $code->code->shown()])->assertSessionHasNoErrors();
        }
        $this->post('/jobs/lantern-house/windows', ['slot' => $slot])->assertSessionHasNoErrors();
        $this->listen();
        if ($deed === 'late') {
            $this->pass(56);
        }
        $this->handle($slot, $deed);
        $attempt = PairAttempt::query()->latest('id')->firstOrFail();
        $light = $deed === 'dark' ? Light::None : $this->light($slot);
        if ($light !== null && $attempt->state === AttemptState::Waiting) {
            $this->put("/jobs/lantern-house/attempts/{$attempt->id}", ['light' => $light->value])->assertSessionHasNoErrors();
        }
        $this->pass($deed === 'late' ? 4 : 40);
        if ($attempt->refresh()->state->isOpen() && $attempt->light !== Light::None) {
            $this->pass(900);
        }

        $sheet = JobSheet::of($this->siteJob());
        $card = $sheet->card($slot) ?? self::fail("There is no {$slot}.");

        return Advice::after($sheet, $card, $card->slot->pairAttempts()->with('joinWindow')->orderBy('id')->get(), false);
    }

    /** Its recipe, as a hand does it, or does it wrongly. */
    private function handle(string $slot, string $deed): void
    {
        if ($deed === 'hold') {
            $this->hands('gesture', ['device' => $slot, 'kind' => 'hold', 'seconds' => 3]);
        }
        if (in_array($deed, ['nothing', 'hold', 'dark'], true)) {
            $this->listen();

            return;
        }
        $steps = $this->house()->devices[$slot]->profile->recipe->join ?? [];
        foreach (array_filter($steps, static fn (Step $step): bool => $step->isGesture()) as $step) {
            $this->hands('gesture', ['device' => $slot, 'kind' => $step->kind, 'times' => $step->times, 'seconds' => $step->seconds]);
        }
        $this->listen();
    }

    /** What somebody who looks at the device says; null: there is nothing to be seen yet. */
    private function light(string $slot): ?Light
    {
        $state = $this->fold()->world->devices[$slot];

        return match ($state->light) {
            'blinking' => Light::Seen,
            'double' => Light::Owned,
            'held' => Light::Held,
            'low' => Light::Low,
            'off' => $state->fault === Fault::FlatBattery ? Light::None : null,
            default => null,
        };
    }
}
