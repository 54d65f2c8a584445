<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

use Kavvel\Core\Bridging\Ecosystem;
use Kavvel\Core\Bridging\Form;
use Kavvel\Core\Bridging\PlacedDevice;
use Kavvel\Core\Bridging\Way;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\Presence;
use Kavvel\Standin\House\World;

/** What is in a box, and by which way it came there. */
final readonly class Contents
{
    public function __construct(private World $world, private Ecosystems $ecosystems) {}

    /** @return array<string, Way> by key of the device */
    public function of(string $key): array
    {
        $box = $this->ecosystems->box($key);
        if ($box === null) {
            return [];
        }
        $premises = $this->world->house->premises;
        $ways = [];
        foreach ($premises->household->devices as $placed) {
            $device = $placed->device();
            foreach ($device->speaks as $start => $form) {
                $state = $this->world->devices[$device->id] ?? null;
                if ($state !== null && in_array($form, $box->accepts, true) && $this->isInside($state, $key, $form)) {
                    $ways[$device->id] ??= Way::from($device, $start, $premises->house);
                }
            }
        }
        foreach ($this->linkedInto($key) as $other) {
            foreach ($box->accepts as $form) {
                $ways += $this->passedOn($other, $form);
            }
        }
        foreach ($this->ecosystems->boxes[$key]->made as $id => $made) {
            if (isset($ways[$made->device])) {
                $ways[$id] = Way::from($made->asDevice(), 0, $premises->house);
            }
        }

        return $ways;
    }

    /** @return array<string, Way> what a box shows to whoever takes it in by a form, and how it leaves it; by key of the device */
    public function passedOn(string $key, string $form): array
    {
        $box = $this->ecosystems->box($key);
        if ($box === null) {
            return [];
        }
        $ways = [];
        foreach ($box->offers as $exit => $offer) {
            foreach ($offer->as === $form ? $this->of($key) : [] as $device => $way) {
                if ($this->ecosystems->boxes[$key]->shows($device, $form)) {
                    $ways[$device] ??= $way->through($box, $exit, $this->world->house->premises->house);
                }
            }
        }

        return $ways;
    }

    /** @return array<string, Way> what comes into an ecosystem by a door, to its end; by key of the device */
    public function behind(Door $door, Ecosystem $ecosystem): array
    {
        $ways = $door->box === null ? $this->direct($door) : $this->passedOn($door->box, $door->form);

        return array_map(static fn (Way $way): Way => $way->into($ecosystem), $ways);
    }

    /** @return array<string, Way> devices that come in by themselves */
    private function direct(Door $door): array
    {
        $ways = [];
        foreach ($this->world->house->premises->household->devices as $placed) {
            $device = $placed->device();
            $start = array_search($door->form, $device->speaks, true);
            $state = $this->world->devices[$device->id] ?? null;
            $isMeant = $door->device === null || $door->device === $device->id;
            if ($start !== false && $state !== null && $isMeant && $this->answers($state, $door->form)) {
                $ways[$device->id] = Way::from($device, (int) $start, $this->world->house->premises->house);
            }
        }

        return $ways;
    }

    private function answers(DeviceState $state, string $form): bool
    {
        return match (true) {
            $state->device->bus !== null => $form === $state->device->profile->protocol->value,
            $form === Form::MATTER => $state->isIn(),
            default => $state->hasPower(),
        };
    }

    private function isInside(DeviceState $state, string $box, string $form): bool
    {
        return match (true) {
            PlacedDevice::isBehind($form) => $state->presence !== Presence::Absent,
            // What is on the wires that a hub is on needs no pairing with it.
            $box === $this->world->house->premises->hub => $state->isIn() || $state->device->bus !== null,
            default => in_array($state->device->key, $this->ecosystems->boxes[$box]->joined, true),
        };
    }

    /** @return list<string> boxes; a bridge that is in is linked into the hub by that */
    private function linkedInto(string $key): array
    {
        $bridges = [];
        if ($key === $this->world->house->premises->hub) {
            foreach (array_diff_key($this->ecosystems->boxes, $this->world->house->premises->boxes) as $bridge => $state) {
                if (($this->world->devices[$bridge] ?? null)?->isIn() === true) {
                    $bridges[] = (string) $bridge;
                }
            }
        }

        return [...$bridges, ...array_filter(
            $this->ecosystems->boxes[$key]->from,
            fn (string $other): bool => $this->ecosystems->boxes[$other]->isThere,
        )];
    }
}
