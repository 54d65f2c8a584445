<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Wants\Want as RoomWant;
use Kavvel\Core\Wants\WantedFrom;

/** The devices, boxes and ecosystems of a job, and what its wants ask of them. */
final readonly class Household
{
    /**
     * @param  list<PlacedDevice>  $devices
     * @param  list<BoxAtHand>  $boxes
     * @param  list<EcosystemAtHand>  $ecosystems
     * @param  list<RoomWant>  $wants
     * @param  list<Wrapper>  $wrappers  of devices that are there
     */
    public function __construct(
        public array $devices,
        public array $boxes,
        public array $ecosystems,
        public array $wants,
        public array $wrappers = [],
    ) {}

    public function with(Wrapper ...$wrappers): self
    {
        return new self($this->devices, $this->boxes, $this->ecosystems, $this->wants, [...$this->wrappers, ...array_values($wrappers)]);
    }

    /** @throws TooManyBoxes */
    public function house(): House
    {
        $wrapped = array_map($this->wrapped(...), $this->wrappers);
        $devices = array_map(static fn (PlacedDevice $one): Device => $one->device(), [...$this->devices, ...$wrapped]);
        $can = array_map(static fn (Device $one): array => $one->capabilities, $devices);
        $capabilities = array_values(array_unique(array_merge(...$can)));

        return new House(
            array_map(FunctionTable::capability(...), $capabilities),
            $devices,
            [
                ...array_map(static fn (BoxAtHand $one): Box => $one->box(), $this->boxes),
                ...array_values(array_filter(array_map(static fn (PlacedDevice $one): ?Box => $one->bridge(), $this->devices))),
            ],
            array_map(static fn (EcosystemAtHand $one): Ecosystem => $one->ecosystem(), $this->ecosystems),
        );
    }

    /** @return list<Want> of every device that serves a want of its room, in every ecosystem of the kind from where it is wanted */
    public function wants(): array
    {
        $wants = [];
        foreach ($this->wants as $want) {
            foreach ($this->ecosystems as $ecosystem) {
                if ($ecosystem->sheet->kind !== $want->from) {
                    continue;
                }
                foreach ($this->devices as $device) {
                    if ($device->room === $want->room && $want->function->isServedBy($device->profile)) {
                        $wants[] = new Want($device->id, $ecosystem->id, $want->function->needs($device->profile));
                    }
                }
            }
        }

        return array_merge(...array_map($this->asWrapped(...), Want::merged($wants)));
    }

    /** @return list<WantedFrom> from where something is wanted though the job has no such ecosystem */
    public function missingKinds(): array
    {
        $wanted = array_map(static fn (RoomWant $want): string => $want->from->value, $this->wants);
        $there = array_map(static fn (EcosystemAtHand $one): string => $one->sheet->kind->value, $this->ecosystems);

        return array_values(array_filter(
            EcosystemSheet::KINDS,
            static fn (WantedFrom $kind): bool => in_array($kind->value, $wanted, true) && ! in_array($kind->value, $there, true),
        ));
    }

    public function ecosystem(string $id): ?EcosystemAtHand
    {
        foreach ($this->ecosystems as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }

        return null;
    }

    /** @throws UnknownInHouse */
    public function device(string $id): PlacedDevice
    {
        foreach ($this->devices as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }

        foreach ($this->wrappers as $one) {
            if ($one->id() === $id) {
                return $this->wrapped($one);
            }
        }

        throw UnknownInHouse::device($id);
    }

    public function box(string $id): ?BoxAtHand
    {
        foreach ($this->boxes as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }

        return null;
    }

    /** @return list<Want> what is wanted of the device itself, and of what a hub makes of it for that ecosystem */
    private function asWrapped(Want $want): array
    {
        $needs = $want->needs;
        $wrapped = [];
        foreach ($this->wrappers as $one) {
            $of = $one->wrapping->of();
            if ($one->device === $want->device && in_array($want->ecosystem, $one->ecosystems, true) && in_array($of, $needs, true)) {
                $needs = array_values(array_diff($needs, [$of]));
                $wrapped[] = new Want($one->id(), $want->ecosystem, [$one->wrapping->as()]);
            }
        }

        return [...$needs === [] ? [] : [new Want($want->device, $want->ecosystem, $needs)], ...$wrapped];
    }

    private function wrapped(Wrapper $one): PlacedDevice
    {
        return $this->device($one->device)->wrappedBy($one);
    }
}
