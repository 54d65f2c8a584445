<?php

declare(strict_types=1);

namespace Kavvel\Standin\Joining;

use Kavvel\Core\Pairing\Failure;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\Fault;

/** How a device of one protocol comes in: its stages, how long each takes, and what can go wrong at each. */
final readonly class Script
{
    private const ANNOUNCE_MS = 900;

    private const LATE_MS = 30_000;

    /** @param array<string, int> $stages ms of each before the interview, in their order */
    private function __construct(public array $stages, public int $steps, private int $waitsMs) {}

    public static function of(Protocol $protocol): self
    {
        return match ($protocol) {
            Protocol::ZWave => new self(['secured' => 1200], 6, 60_000),
            Protocol::Thread => new self(['secured' => 1200, 'networked' => 1800], 4, 900_000),
            Protocol::Matter => new self(['secured' => 1200, 'networked' => 2600], 4, 900_000),
            Protocol::Wifi => new self(['networked' => 3000], 3, 180_000),
            Protocol::BluetoothLe => new self(['secured' => 900], 3, 180_000),
            default => new self(['secured' => 400], 5, 180_000),
        };
    }

    /** How long it waits to be found. */
    public function waitsMs(): int
    {
        return $this->waitsMs;
    }

    public function announcesAfterMs(?Fault $fault): int
    {
        return $fault === Fault::AnswersLate ? self::LATE_MS : self::ANNOUNCE_MS;
    }

    /**
     * Why this stage fails, or null.
     *
     * @param  array{kind?: string, value?: string}  $code  that the window was opened with
     */
    public function failure(string $stage, DeviceState $state, array $code): ?Failure
    {
        $needsCode = $state->device->profile->codeSheet?->isNeeded === true;

        return match (true) {
            $stage === 'secured' && $needsCode && $code === [] => Failure::CodeMissing,
            $stage === 'secured' && $code !== [] && $state->device->code?->isOpenedBy($code) === false => Failure::CodeRefused,
            $stage === 'secured' && $state->fault === Fault::WrongClock => Failure::Clock,
            $stage === 'networked' => match ($state->fault) {
                Fault::FabricsFull => Failure::FabricsFull,
                Fault::NoBorderRouter => Failure::NoBorderRouter,
                Fault::NoCredentials => Failure::NoCredentials,
                Fault::WrongBand, Fault::HiddenName => Failure::NetworkNotFound,
                Fault::SecurityMode, Fault::WrongPassword => Failure::NetworkRefused,
                Fault::OtherSegment, Fault::Filtered, Fault::Tunnel => Failure::NotReached,
                default => null,
            },
            default => null,
        };
    }

    /**
     * What the hub finds when it looks at its own network after a failure.
     *
     * @return array<string, mixed>
     */
    public static function network(?Fault $fault): array
    {
        return match ($fault) {
            Fault::WrongBand => ['bands' => ['5'], 'hidden' => false],
            Fault::HiddenName => ['bands' => ['2.4', '5'], 'hidden' => true],
            Fault::SecurityMode => ['security' => 'wpa3'],
            Fault::WrongPassword => ['security' => 'wpa2'],
            Fault::OtherSegment => ['oneSegment' => false, 'discovery' => true, 'tunnel' => false],
            Fault::Filtered => ['oneSegment' => true, 'discovery' => false, 'tunnel' => false],
            Fault::Tunnel => ['oneSegment' => true, 'discovery' => true, 'tunnel' => true],
            Fault::WrongClock => ['clock' => false],
            default => [],
        };
    }
}
