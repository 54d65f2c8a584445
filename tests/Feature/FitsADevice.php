<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Isolation;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Catalogue\WireRole;
use Kavvel\Core\Fit\EnergySource;
use Kavvel\Core\Fit\Evidence;
use Kavvel\Core\Fit\Wire;
use Symfony\Component\HttpFoundation\Response;

/** What a person does at a box in the wall, step by step. */
trait FitsADevice
{
    /** "/jobs/lantern-house" */
    abstract protected function fitted(): string;

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<Response>
     */
    private function act(string $circuit, string $act, array $with = []): TestResponse
    {
        return $this->post($this->fitted()."/circuits/{$circuit}/acts", ['act' => $act, ...$with]);
    }

    /**
     * Up to the box that is begun at, its conductors noted.
     *
     * @param  list<string>  $colours
     */
    private function begin(string $slot, string $circuit, array $colours = ['brown', 'black', 'blue', 'green-yellow']): void
    {
        $this->act($circuit, 'accept', ['slot' => $slot])->assertSessionHasNoErrors();
        foreach (EnergySource::cases() as $source) {
            $this->act($circuit, 'look', ['source' => $source->value, 'found' => 'none', 'slot' => $slot])->assertSessionHasNoErrors();
        }
        foreach ($colours as $colour) {
            $this->post($this->fitted()."/slots/{$slot}/wires", ['colour' => $colour])->assertSessionHasNoErrors();
        }
        $this->act($circuit, 'open', ['slot' => $slot])->assertSessionHasNoErrors();
    }

    /** Off, locked and tagged. */
    private function switchOff(string $slot, string $circuit): void
    {
        $this->act($circuit, 'detector-before', ['slot' => $slot, 'detector' => 'works'])->assertSessionHasNoErrors();
        $this->act($circuit, 'read-live', ['slot' => $slot, 'volts' => '231'])->assertSessionHasNoErrors();
        foreach (['switch-off', 'lock', 'tag'] as $step) {
            $this->act($circuit, $step, ['slot' => $slot])->assertSessionHasNoErrors();
        }
    }

    private function readDead(string $slot, string $circuit, string $volts = '0'): void
    {
        while (($pair = $this->isolation($circuit)->core()->box($slot)?->nextPair()) !== null) {
            $this->act($circuit, 'read-dead', ['slot' => $slot, 'a' => $pair[0], 'b' => $pair[1], 'volts' => $volts])
                ->assertSessionHasNoErrors();
        }
    }

    private function proveDead(string $slot, string $circuit): void
    {
        $this->begin($slot, $circuit);
        $this->switchOff($slot, $circuit);
        $this->readDead($slot, $circuit);
        $this->act($circuit, 'detector-after', ['slot' => $slot, 'detector' => 'works'])->assertSessionHasNoErrors();
    }

    /**
     * The photograph, and every conductor.
     *
     * @param  list<array{string, string, WireRole, Evidence, string}>|null  $wires  null: the usual four
     */
    private function settleWires(string $slot, ?array $wires = null): void
    {
        $this->post($this->fitted()."/slots/{$slot}/found-picture", ['picture' => UploadedFile::fake()->image('box.jpg', 60, 40)])
            ->assertSessionHasNoErrors();
        foreach ($wires ?? [
            ['brown', 'COM', WireRole::Line, Evidence::AlwaysLive, 'L'], ['black', 'L1', WireRole::Switched, Evidence::FollowsLamp, 'O'],
            ['blue', 'a connector', WireRole::Neutral, Evidence::Continuity, 'N'],
            ['green-yellow', 'the box', WireRole::Earth, Evidence::Continuity, Wire::BOX_EARTH],
        ] as [$name, $wasAt, $role, $evidence, $goesTo]) {
            $this->put($this->fitted()."/slots/{$slot}/wires", [
                'name' => $name, 'was_at' => $wasAt, 'role' => $role->value, 'evidence' => $evidence->value, 'goes_to' => $goesTo,
                'is_far_end_safe' => $goesTo === Wire::CAPPED ? '1' : '0',
            ])->assertSessionHasNoErrors();
        }
    }

    private function isolation(string $circuit): Isolation
    {
        $job = $this->siteJob(basename($this->fitted()));

        return $job->isolations()->where('circuit_id', $job->circuits()->where('key', $circuit)->value('id'))->latest('id')->firstOrFail();
    }
}
