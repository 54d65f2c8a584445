<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Protocol\Protocol;

/** The stages that a device of a protocol passes on its way in, in their order, and what becomes of an attempt on each event. */
final readonly class JoinPath
{
    /** @param list<AttemptState> $stages that a hub tells of before the device is in */
    private function __construct(private Protocol $protocol, public array $stages) {}

    public static function of(Protocol $protocol): self
    {
        return new self($protocol, match ($protocol) {
            Protocol::Zigbee, Protocol::ZWave, Protocol::BluetoothLe => [
                AttemptState::Announced, AttemptState::Secured, AttemptState::Interviewing,
            ],
            Protocol::Thread, Protocol::Matter => [
                AttemptState::Announced, AttemptState::Secured, AttemptState::Networked, AttemptState::Interviewing,
            ],
            Protocol::Wifi => [AttemptState::Announced, AttemptState::Networked, AttemptState::Interviewing],
            Protocol::Infrared, Protocol::Rf433, Protocol::WiredBus => [],
        });
    }

    /** An event that says nothing about an attempt in this state leaves it as it is: hubs skip stages and repeat them. */
    public function after(AttemptState $state, AttemptEvent $event): AttemptState
    {
        return match ($event) {
            AttemptEvent::Announced => $this->to($state, AttemptState::Announced),
            AttemptEvent::Secured => $this->to($state, AttemptState::Secured),
            AttemptEvent::Networked => $this->to($state, AttemptState::Networked),
            // One that fell asleep was woken: the hub goes on asking.
            AttemptEvent::Interviewed => $state === AttemptState::InPart
                ? AttemptState::Interviewing
                : ($state->isHeard() ? $this->to($state, AttemptState::Interviewing) : $state),
            AttemptEvent::Joined => $state->isHeard() || $state === AttemptState::InPart || $state === AttemptState::WindowEnded
                ? AttemptState::Joined : $state,
            AttemptEvent::Incomplete => $state->isHeard() || $state === AttemptState::WindowEnded ? AttemptState::InPart : $state,
            AttemptEvent::FailedAtHub => $state->isOpen() ? AttemptState::Failed : $state,
            AttemptEvent::TimeUp, AttemptEvent::HubRestarted => match (true) {
                $state === AttemptState::Waiting => AttemptState::Silent,
                $state->isHeard() => AttemptState::WindowEnded,
                default => $state,
            },
            AttemptEvent::ClosedByHand, AttemptEvent::Replaced, AttemptEvent::Refused => $state->isOpen() ? AttemptState::Stopped : $state,
            AttemptEvent::OpenedAfterAll => $state === AttemptState::Stopped ? AttemptState::Waiting : $state,
        };
    }

    /** Whether an attempt that stands here has this stage behind it. */
    public function isPast(AttemptState $stage, AttemptState $state): bool
    {
        return $this->place($state) > $this->place($stage);
    }

    /** What happens at a stage: "The hub gives it the network key". */
    public function words(AttemptState $stage): string
    {
        return match ($stage) {
            AttemptState::Secured => match ($this->protocol) {
                Protocol::Zigbee => 'The hub gives it the network key',
                Protocol::ZWave => 'Their keys are exchanged',
                Protocol::BluetoothLe => 'It is bonded with the hub',
                default => 'Its code is held against it',
            },
            AttemptState::Networked => $this->protocol === Protocol::Thread
                ? 'It is given the Thread network' : 'It is given the Wi-Fi, and found there',
            AttemptState::Interviewing => 'The hub asks it what it can do',
            default => in_array($this->protocol, [Protocol::Zigbee, Protocol::ZWave], true) ? 'The hub hears it' : 'The hub finds it',
        };
    }

    private function to(AttemptState $from, AttemptState $stage): AttemptState
    {
        return in_array($stage, $this->stages, true) && $from->isOpen() && $this->place($stage) > $this->place($from) ? $stage : $from;
    }

    /** 0 before the first; beyond the last where it is in. */
    private function place(AttemptState $state): int
    {
        $place = array_search($state, $this->stages, true);

        return match (true) {
            $place !== false => $place + 1,
            $state === AttemptState::Joined => count($this->stages) + 1,
            default => 0,
        };
    }
}
