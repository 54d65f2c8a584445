<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Vec3;

/** One device of the imaginary house, as it truly is before anybody touches it. */
final readonly class Device
{
    /**
     * @param  Vec3|null  $position  null: a spare, which has no power until it is plugged in somewhere
     * @param  string|null  $behind  key of the bridge that has it
     * @param  float  $txDb  by how much it sends stronger than its kind does
     * @param  Presence  $presence  how it stands behind that bridge at first
     */
    public function __construct(
        public string $key,
        public string $title,
        public string $room,
        public string $address,
        public Profile $profile,
        public ?Vec3 $position,
        public float $mountingDb,
        public bool $joined,
        public ?Fault $fault,
        public ?TrueCode $code,
        public ?string $behind = null,
        public Presence $presence = Presence::Online,
        public ?Remote $remote = null,
        public ?BusUnit $bus = null,
        public float $txDb = 0.0,
    ) {}

    public function end(?Vec3 $carriedTo): ?RadioEnd
    {
        $radio = $this->profile->radio;
        $position = $carriedTo ?? $this->position;

        return $radio === null || $position === null ? null : new RadioEnd(
            $this->address,
            $position,
            new Transceiver($radio->frequencyMHz, $radio->txDbm + $this->txDb, $radio->sensitivityDbm, $radio->gainDbi),
            $carriedTo === null ? $this->mountingDb : 0.0,
            $this->profile->isRouter ? Role::Router : Role::End,
            $this->profile->removable,
        );
    }

    /** What a person does to make it speak once it is in. */
    public function trigger(): string
    {
        return match ($this->profile->capabilities[0]) {
            'contact' => 'Open it',
            'occupancy' => 'Walk past it',
            'leak' => 'Wet it',
            'smoke' => 'Press its test button',
            'button' => 'Press a key',
            'temperature', 'thermostat' => 'Warm it with a hand',
            default => 'Switch it by hand',
        };
    }

    /** @return array{string, string} capability and value that it reports then */
    public function report(): array
    {
        return match ($this->profile->capabilities[0]) {
            'contact' => ['contact', 'open'],
            'occupancy' => ['occupancy', 'occupied'],
            'leak' => ['leak', 'wet'],
            'smoke' => ['smoke', 'test'],
            'button' => ['button', 'pressed'],
            'temperature', 'thermostat' => ['temperature', '24.5'],
            default => ['on-off', 'toggled'],
        };
    }

}
