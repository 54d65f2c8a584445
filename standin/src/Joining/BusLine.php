<?php

declare(strict_types=1);

namespace Kavvel\Standin\Joining;

use Kavvel\Core\Bus\GroupAddress;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Standin\House\BusUnit;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\Fault;
use Kavvel\Standin\House\World;
use Kavvel\Standin\Hub\Hub;

/** The wired bus: what is said at an address, all hear; the hub tells it on while somebody has it listen. */
final readonly class BusLine
{
    private const SENDING_MS = 120;

    /** A device with an older project speaks so far from the address that it has now */
    private const OLDER_BY = 100;

    public function __construct(private World $world, private Hub $hub) {}

    /** Somebody presses its key, walks past it, or switches it at its place. */
    public function operate(DeviceState $state): void
    {
        $unit = $state->device->bus;
        if ($unit === null || ! $state->hasPower() || $this->isOff() || $state->fault === Fault::NotLoaded) {
            return;
        }
        if ($unit->obeys !== null) {
            $this->turn($state, $unit, ! $state->on);

            return;
        }
        if ($unit->says !== null) {
            $this->say($unit, $state->fault === Fault::OlderProject ? self::older($unit->says) : $unit->says, $state->device->report()[1]);
        }
        if ($unit->switches !== null) {
            $isOn = array_filter($this->at($unit->switches), static fn (DeviceState $load): bool => $load->on) !== [];
            $this->say($unit, $unit->switches, $isOn ? 'off' : 'on');
            $this->obey($unit->switches, $isOn ? 'off' : 'on');
        }
    }

    /** The hub was told to say something. */
    public function send(string $command, GroupAddress $to, string $value): void
    {
        $this->world->after(self::SENDING_MS, 'said', ['command' => $command, 'to' => $to->text, 'value' => $value]);
    }

    /** @param array<string, mixed> $what that happens by itself: the hub says what it was told to */
    public function said(array $what): void
    {
        $to = GroupAddress::of((string) $what['to']);
        if ($to === null || $this->isOff()) {
            $this->hub->emit(
                'command.failed',
                ['command' => $what['command'], 'address' => $what['to'], 'reason' => 'the bus has no supply'],
            );

            return;
        }
        $this->hub->emit('telegram.sent', ['command' => $what['command'], 'address' => $what['to'], 'value' => $what['value']]);
        $this->obey($to, (string) $what['value']);
    }

    private function obey(GroupAddress $to, string $value): void
    {
        foreach (in_array($value, ['on', 'off'], true) ? $this->at($to) : [] as $state) {
            $unit = $state->device->bus;
            if ($unit !== null && $state->hasPower() && $state->fault !== Fault::NotLoaded) {
                $this->turn($state, $unit, $value === 'on');
            }
        }
    }

    private function turn(DeviceState $state, BusUnit $unit, bool $isOn): void
    {
        $state->on = $isOn;
        if ($unit->tells !== null && $state->fault !== Fault::TellsNothing) {
            $this->say($unit, $unit->tells, $isOn ? 'on' : 'off');
        }
    }

    private function say(BusUnit $unit, GroupAddress $to, string $value): void
    {
        $window = $this->hub->windows[Protocol::WiredBus->value] ?? null;
        if ($window !== null) {
            $this->hub->emit('bus.heard', ['window' => $window['ref'], 'address' => $to->text, 'from' => $unit->own, 'value' => $value]);
        }
    }

    /** @return list<DeviceState> what is switched there */
    private function at(GroupAddress $to): array
    {
        return array_values(array_filter(
            $this->world->devices,
            static fn (DeviceState $state): bool => $state->device->bus?->obeys?->number === $to->number,
        ));
    }

    /** The supply is the one of the whole bus. */
    private function isOff(): bool
    {
        foreach ($this->world->devices as $state) {
            if ($state->fault === Fault::NoBusSupply) {
                return true;
            }
        }

        return false;
    }

    private static function older(GroupAddress $now): GroupAddress
    {
        $number = $now->number + self::OLDER_BY;

        return GroupAddress::of(sprintf('%d/%d/%d', $number >> 11, $number >> 8 & 7, $number & 255)) ?? $now;
    }
}
